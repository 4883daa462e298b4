import { useSearchParams } from 'react-router';
import { Tabs } from '../../../shared/ui/Tabs.js';
import type { StationProps } from '../../../state/changeSpec.js';
import { BenchTests } from './juice/BenchTests.js';
import { LedgerPart } from './juice/LedgerPart.js';
import { PreparationPart } from './juice/PreparationPart.js';
import { ButterPart, SpicePart } from './juice/SpicePart.js';
import { BesidePart } from './juice/BesidePart.js';
import { SugarsPart } from './juice/SugarsPart.js';
import { SugarAndSet } from './juice/SugarAndSet.js';
import { ThickenerChoice } from './juice/ThickenerPart.js';

interface JuiceStationProps extends StationProps {
  readonly pieId: string;
}

/** Judge the juice, then sugar and thickener. */
export function JuiceStation({ pieId, ...props }: JuiceStationProps) {
  const [search] = useSearchParams();
  const leaf = search.get('leaf');
  return (
    <Tabs
      label="Juice"
      first={leaf}
      leaves={[
        { id: 'sugar', word: 'Sweet and set', content: () => <SugarAndSet {...props} /> },
        { id: 'sugars', word: 'Sugars', content: () => <SugarsPart {...props} /> },
        { id: 'thickener', word: 'Thickener', content: () => <ThickenerChoice {...props} /> },
        { id: 'preparation', word: 'Preparation', content: () => <PreparationPart {...props} /> },
        { id: 'beside', word: 'Liquid, jam', content: () => <BesidePart {...props} /> },
        { id: 'butter', word: 'Butter, zest', content: () => <ButterPart {...props} /> },
        { id: 'spice', word: 'Spice', content: () => <SpicePart {...props} /> },
        { id: 'tests', word: 'Tests', content: () => <BenchTests pieId={pieId} {...props} /> },
        { id: 'ledger', word: 'Where it goes', content: () => <LedgerPart {...props} /> },
      ]}
    />
  );
}

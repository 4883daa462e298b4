import { Tabs } from '../../kit/Tabs.js';
import type { StationProps } from '../useBenchSpec.js';
import { BenchTests } from './juice/BenchTests.js';
import { LedgerPicture } from './juice/LedgerPicture.js';
import { PreparationPart } from './juice/PreparationPart.js';
import { SpicePart } from './juice/SpicePart.js';
import { SugarAndSet } from './juice/SugarAndSet.js';
import { ThickenerPart } from './juice/ThickenerPart.js';

interface JuiceStationProps extends StationProps {
  readonly pieId: string;
}

/** Judge the juice, then sugar and thickener. */
export function JuiceStation({ pieId, ...props }: JuiceStationProps) {
  return (
    <Tabs
      label="Juice"
      leaves={[
        { id: 'sugar', word: 'Sugar and set', content: () => <SugarAndSet {...props} /> },
        { id: 'thickener', word: 'Thickener', content: () => <ThickenerPart {...props} /> },
        { id: 'preparation', word: 'Preparation', content: () => <PreparationPart {...props} /> },
        { id: 'spice', word: 'Spice and butter', content: () => <SpicePart {...props} /> },
        { id: 'tests', word: 'Bench tests', content: () => <BenchTests pieId={pieId} {...props} /> },
        { id: 'ledger', word: 'Where the juice goes', content: () => <LedgerPicture {...props} /> },
      ]}
    />
  );
}

import { useEffect, useMemo } from 'react';
import { useParams } from 'react-router';
import { usePie } from '../../shared/api/pies.js';
import { Failure } from '../../shared/ui/Failure.js';
import { useBench } from '../../state/bench.js';
import type { Draft } from '../../state/drafts.js';
import { keptDraft, takeLeftDraft } from '../../state/drafts.js';
import { tabIsNamed } from '../../state/tab.js';
import { Bench } from './Bench.js';
import { withKitchenFigures } from './kitchenFigures.js';
import { useKitchenFigures } from './useKitchenFigures.js';

/** A pie's bench: fetches the pie, lays it on the bench, watches for versions saved elsewhere. */
export function BenchPlace() {
  const { pieId = '' } = useParams();
  const { data: pie, error } = usePie(pieId);
  const { figures: kitchen, error: larderError } = useKitchenFigures();
  const onBench = useBench((state) => state.pieId);
  const spec = useBench((state) => state.spec);
  const load = useBench((state) => state.load);
  // The same spec as long as nothing in it changed: a new one would be planned and baked again.
  const laid = useMemo(() => (spec && kitchen ? withKitchenFigures(spec, kitchen) : null), [spec, kitchen]);

  useEffect(() => {
    if (!pie || pie.id === useBench.getState().pieId) return;
    let current = true;
    const draftOf = async (): Promise<Draft | null> => {
      await tabIsNamed;
      return keptDraft(pie.id) ?? takeLeftDraft(pie.id);
    };
    void draftOf().then((draft) => {
      if (current) load(pie, draft);
    });
    return () => {
      current = false;
    };
  }, [pie, load]);
  useEffect(
    () => () => {
      useBench.getState().clear();
    },
    [pieId],
  );

  if (error && !pie) return <Failure error={error} />;
  if (!spec || !pie || onBench !== pieId) return <p role="status">Fetching the pie …</p>;
  if (!laid || !kitchen)
    return larderError ? <Failure error={larderError} /> : <p role="status">Looking into the larder …</p>;
  return <Bench pie={pie} spec={laid} kitchen={kitchen} />;
}

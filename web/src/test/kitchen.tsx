import { MantineProvider } from '@mantine/core';
import type { PiePlan, PieSpec } from '@mardle/core';
import { draftPlan, starterSpec } from '@mardle/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import type { RenderResult } from '@testing-library/react';
import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import { useBench } from '../state/bench.js';

/** Renders with all that a screen stands in. */
export function renderInKitchen(element: ReactElement): RenderResult {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return render(
    <MantineProvider env="test">
      <QueryClientProvider client={queries}>{element}</QueryClientProvider>
    </MantineProvider>,
  );
}

export function planOf(change: Partial<PieSpec> = {}): PiePlan {
  const planned = draftPlan({ ...starterSpec, ...change });
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  return planned.plan;
}

/** Lays the starter on the bench and returns what is on it, now and later. */
export function layOnBench(spec: PieSpec = starterSpec): () => PieSpec {
  localStorage.clear();
  useBench.getState().load({ id: 'pie', version: 1, savedAt: '2026-01-01T00:00:00Z', spec });
  return () => useBench.getState().spec ?? spec;
}

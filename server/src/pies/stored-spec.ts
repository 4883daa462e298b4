import type { PieSpec } from '@mardle/core';
import { UnreadableSpec, upgradeSpec } from '@mardle/core';

/** A spec as it was stored, brought forward; what cannot be read is handed on as it is, for the page to say so. */
export function storedSpec(stored: PieSpec): PieSpec {
  try {
    return upgradeSpec(stored);
  } catch (error) {
    if (error instanceof UnreadableSpec) return stored;
    throw error;
  }
}

/** A body with its `spec` brought forward, so that a client of an older version is understood. */
export function withUpgradedSpec(body: unknown): unknown {
  if (typeof body !== 'object' || body === null || Array.isArray(body) || !('spec' in body)) return body;
  try {
    return { ...body, spec: upgradeSpec(body.spec) };
  } catch (error) {
    // What is wrong with it is said by the check that follows.
    if (error instanceof UnreadableSpec) return body;
    throw error;
  }
}

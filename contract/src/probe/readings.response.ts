import type { LoggedReading } from '@mardle/core';

/** What the probes of a bake have read, in minutes from its loading. */
export interface ReadingsResponse {
  readonly readings: readonly LoggedReading[];
  /** Whether the simulated probe is running on the server that was asked. */
  readonly simulated: boolean;
}

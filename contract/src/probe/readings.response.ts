import type { LoggedReading } from '@mardle/core';

/** What the probes of a bake have read, in minutes from its loading. */
export interface ReadingsResponse {
  readonly readings: readonly LoggedReading[];
  /** Some of them are made up by the simulated probe, or will be: they are no measurements. */
  readonly simulated: boolean;
  /** Whether the simulated probe is running on the server that was asked. */
  readonly running: boolean;
}

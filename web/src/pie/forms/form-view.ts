import type { Build, PiePlan, PieSpec, Unit } from '@mardle/core';
import type { ComponentType } from 'react';
import type { Section } from '../CrossSection/section-shape.js';
import type { SliceShape } from '../SliceOnPlate/slice-shape.js';
import type { StationProps } from '../../state/changeSpec.js';
import type { HandleLayer } from './shared/Handles.js';

/** What a top is drawn from, seen from the side. */
export interface SectionTopProps {
  readonly plan: PiePlan;
  readonly section: Section;
  readonly colour: string;
}

/** What lies on a slice is drawn from, from the rim at the left to the tip at the right. */
export interface SliceTopProps {
  readonly plan: PiePlan;
  readonly shape: SliceShape;
  readonly colour: string;
}

/** A quantity in the baker's units; by cups and spoons where its figure has a measure. */
export type SayQuantity = (value: number, unit: Unit, figure?: string) => string;

/** All that the screen knows about one form of pie: its controls, its words, its drawing. */
export interface FormView {
  /** What is chosen about its top. */
  readonly Controls: ComponentType<StationProps>;
  /** The pie from above, its design. */
  readonly FromAbove: ComponentType<{ readonly plan: PiePlan }>;
  /** What of that design a hand can pull; null where there is nothing. */
  readonly handles: (plan: PiePlan) => HandleLayer | null;
  readonly SectionTop: ComponentType<SectionTopProps>;
  readonly SliceTop: ComponentType<SliceTopProps>;
  /** How far its top stands over the fruit, cm. */
  readonly standsCm: (build: Build) => number;
  /** Its fruit lies in batter. */
  readonly inBatter: boolean;
  /** How it lies, for those who cannot see the drawing. */
  readonly covered: string;
  /** Its top in one line, without the wash. */
  readonly topLine: (plan: PiePlan, say: SayQuantity) => string;
  /** What to look for when it is done. */
  readonly cue: (spec: PieSpec) => string;
}

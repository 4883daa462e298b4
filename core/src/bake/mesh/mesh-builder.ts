import type { Lines, OuterFaces } from './mesh.js';
import type { Composition } from '../materials/index.js';
import { specificHeat } from '../materials/index.js';

/** What a cell is filled with, by volume. */
export interface CellMaterial {
  readonly kind: number;
  readonly dryKgM3: number;
  readonly dryJM3K: number;
  readonly waterKgM3: number;
  readonly conductivityDry: number;
  readonly conductivityWet: number;
  readonly freezesC: number;
}

export function foodMaterial(
  kind: number,
  food: Composition,
  kgM3: number,
  dry: number,
  wet: number,
  freezesC: number,
): CellMaterial {
  return {
    kind,
    dryKgM3: kgM3 * (1 - food.water),
    dryJM3K: kgM3 * specificHeat({ ...food, water: 0 }, 60),
    waterKgM3: kgM3 * food.water,
    conductivityDry: dry,
    conductivityWet: wet,
    freezesC,
  };
}

/** One cell of a line and how it meets the next: area and half-distances in m, contact resistance in m2 K/W. */
export interface Link {
  readonly cell: number;
  readonly areaM2: number;
  readonly halfHereM: number;
  readonly halfNextM: number;
  readonly contactM2KW: number;
}

export interface Face {
  readonly cell: number;
  readonly areaM2: number;
  readonly emissivity: number;
  readonly bare: boolean;
  readonly share: number;
  readonly looks: number;
  readonly coverSM?: number;
}

/** Gathers cells, lines and faces and hands them out as plain arrays. */
export class MeshBuilder {
  readonly stuffs: CellMaterial[] = [];
  readonly volumes: number[] = [];

  cell(stuff: CellMaterial, volumeM3: number): number {
    this.stuffs.push(stuff);
    this.volumes.push(volumeM3);
    return this.stuffs.length - 1;
  }

  private each(value: (stuff: CellMaterial, volumeM3: number) => number): Float64Array {
    return Float64Array.from(this.stuffs.map((stuff, i) => value(stuff, this.volumes[i] ?? 0)));
  }

  arrays() {
    return {
      kind: Uint8Array.from(this.stuffs.map(({ kind }) => kind)),
      dryJK: this.each((stuff, volume) => stuff.dryJM3K * volume),
      dryKg: this.each((stuff, volume) => stuff.dryKgM3 * volume),
      waterKg: this.each((stuff, volume) => stuff.waterKgM3 * volume),
      volumeM3: Float64Array.from(this.volumes),
      conductivityDry: this.each(({ conductivityDry }) => conductivityDry),
      conductivityWet: this.each(({ conductivityWet }) => conductivityWet),
      freezesC: this.each(({ freezesC }) => freezesC),
    };
  }
}

/** Lines laid end to end; the last cell of each has no next. */
export function makeLines(lines: readonly (readonly Link[])[]): Lines {
  const all = lines.flat();
  const ends = new Set(lines.map((line) => line.at(-1)));
  let places = 0;
  const from = (value: (link: Link) => number): Float64Array =>
    Float64Array.from(all.map((link) => (link.areaM2 <= 0 || ends.has(link) ? -1 : value(link))));
  return {
    cell: Uint16Array.from(all.map(({ cell }) => cell)),
    starts: Uint16Array.from([0, ...lines.map(({ length }) => (places += length))]),
    shapeHere: from(({ areaM2, halfHereM }) => areaM2 / halfHereM),
    shapeNext: from(({ areaM2, halfNextM }) => areaM2 / halfNextM),
    resistance: from(({ areaM2, contactM2KW }) => contactM2KW / areaM2),
  };
}

export const makeFaces = (faces: readonly Face[]): OuterFaces => ({
  cell: Uint16Array.from(faces.map(({ cell }) => cell)),
  areaM2: Float64Array.from(faces.map(({ areaM2 }) => areaM2)),
  emissivity: Float64Array.from(faces.map(({ emissivity }) => emissivity)),
  bare: Uint8Array.from(faces.map(({ bare }) => Number(bare))),
  coverSM: Float64Array.from(faces.map(({ coverSM = 0 }) => coverSM)),
  share: Float64Array.from(faces.map(({ share }) => share)),
  looks: Uint8Array.from(faces.map(({ looks }) => looks)),
});

import section from '../../CrossSection/CrossSection.module.css';
import type { Section } from '../../CrossSection/section-shape.js';
import slice from '../../SliceOnPlate/SliceOnPlate.module.css';
import type { SliceShape } from '../../SliceOnPlate/slice-shape.js';
import { sliceFrame, topFrame } from './top-frame.js';

/** A slab of pastry on the heap, from side to side about a place. */
export interface Slab {
  readonly x: number;
  readonly widthCm: number;
  readonly thickCm: number;
  readonly lift: number;
}

interface SlabsProps {
  readonly section: Section;
  readonly colour: string;
  readonly slabs: readonly Slab[];
}

/** Strips or pieces on the heap, seen from the side. */
export function Slabs({ section: at, colour, slabs }: SlabsProps) {
  const { surfaceY } = topFrame(at);
  return (
    <>
      {slabs.map(({ x, widthCm, thickCm, lift }) => (
        <rect
          key={x}
          x={x - widthCm / 2}
          y={surfaceY(x) - thickCm * lift}
          width={widthCm}
          height={thickCm}
          rx={at.crustCm / 3}
          className={section.crust}
          fill={colour}
        />
      ))}
    </>
  );
}

/** One shape of pastry on a slice. */
export const OnSlice = ({ d, colour }: { readonly d: string; readonly colour: string }) => (
  <path d={d} className={slice.crust} fill={colour} />
);

interface AlongSliceProps {
  readonly shape: SliceShape;
  readonly count: number;
  readonly colour: string;
  readonly each: (x: number, i: number) => string;
}

/** Shapes side by side along a slice. */
export function AlongSlice({ shape, count, colour, each }: AlongSliceProps) {
  const { left } = sliceFrame(shape);
  return (
    <>
      {Array.from({ length: count }, (_, i) => (
        <OnSlice key={i} d={each(left + ((i + 0.5) * shape.lengthCm) / count, i)} colour={colour} />
      ))}
    </>
  );
}

interface StripsOnSliceProps {
  readonly shape: SliceShape;
  readonly count: number;
  readonly openShare: number;
  readonly colour: string;
}

/** Strips or pieces on a slice, over and under by turns. */
export function StripsOnSlice({ shape, count, openShare, colour }: StripsOnSliceProps) {
  const { y } = sliceFrame(shape);
  const { crustCm, lengthCm } = shape;
  const half = (lengthCm / count / 2) * Math.sqrt(1 - openShare);
  return (
    <AlongSlice
      shape={shape}
      count={count}
      colour={colour}
      each={(x, i) => {
        const lift = i % 2 ? 0 : crustCm * 0.4;
        return `M${x - half} ${y + 0.1 - lift}V${y - crustCm - lift}H${x + half}V${y + 0.1 - lift}Z`;
      }}
    />
  );
}

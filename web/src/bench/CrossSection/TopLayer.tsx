import type { CutOuts, PiePlan } from '@mardle/core';
import classes from './CrossSection.module.css';
import { capAt, halfWidthAt, lidPath, pieces } from './geometry.js';
import type { Section } from './section.js';

interface TopLayerProps {
  readonly plan: PiePlan;
  readonly section: Section;
  readonly colour: string;
}

/** A slab of pastry on the heap, from side to side about a place. */
interface Slab {
  readonly x: number;
  readonly widthCm: number;
  readonly thickCm: number;
  readonly lift: number;
}

/** Lid, strips, pieces, crumb, border, scones or batter, from the side. */
export function TopLayer({ plan, section, colour }: TopLayerProps) {
  const { spec, build } = plan;
  const { profile, crustCm, rimCm, topRiseCm, edgeCm } = section;
  // Without pastry over the rim, what lies on top lies within the dish.
  const half = section.lined ? profile.topCm / 2 : halfWidthAt(profile, edgeCm);
  const pastryCm = section.lined && section.filled === 'dish' ? crustCm : 0;
  const restsCm = section.lined ? profile.depthCm : edgeCm;
  const rimY = -restsCm - pastryCm;
  const { top } = build;
  const surfaceY = (x: number): number => rimY - capAt(half, topRiseCm, x);
  const slabs = (all: readonly Slab[]) =>
    all.map(({ x, widthCm, thickCm, lift }) => (
      <rect
        key={x}
        x={x - widthCm / 2}
        y={surfaceY(x) - thickCm * lift}
        width={widthCm}
        height={thickCm}
        rx={crustCm / 3}
        className={classes.crust}
        fill={colour}
      />
    ));
  switch (top.kind) {
    case 'lid':
    case 'parcel': {
      const lift = Math.max(0.15, topRiseCm);
      const vents = top.kind === 'parcel' ? 1 : spec.form.kind === 'upside_down' ? 7 : spec.form.vents;
      const low = { ...profile, topCm: 2 * half, depthCm: top.kind === 'parcel' ? 0 : restsCm };
      const thin = { ...low, depthCm: low.depthCm - (section.lined ? 0 : crustCm) };
      const rise = top.kind === 'parcel' ? profile.depthCm * 1.5 : lift;
      return (
        <>
          <path d={lidPath(thin, crustCm, rise, rimCm)} className={classes.crust} fill={colour} />
          {Array.from({ length: vents }, (_, i) => {
            const x = half * 0.62 * (vents === 1 ? 0 : (2 * i) / (vents - 1) - 1);
            const y = -thin.depthCm - crustCm - capAt(half, rise, x);
            return (
              <line key={i} x1={x} x2={x} y1={y + 0.04} y2={y - crustCm - 0.04} className={classes.vent} />
            );
          })}
        </>
      );
    }
    case 'lattice':
      return (
        <>
          {slabs(
            top.lattice.long.map(({ offsetCm, widthCm, number }) => ({
              x: offsetCm,
              widthCm: top.lattice.style === 'twisted' ? widthCm * 0.7 : widthCm,
              thickCm: top.lattice.style === 'straight' ? crustCm : crustCm * 1.5,
              lift: number % 2 ? 0.9 : 0.35,
            })),
          )}
        </>
      );
    case 'cut_outs':
      return (
        <>
          {slabs(
            alongMiddle(top.cutOuts).map((x, i) => ({
              x,
              widthCm: top.cutOuts.widthCm * 0.96,
              thickCm: crustCm,
              lift: i % 2 ? 0.8 : 0.5,
            })),
          )}
        </>
      );
    case 'crumb': {
      const { thicknessCm } = top.crumb;
      const lumpCm = Math.max(0.35, spec.form.crumb?.lumpCm ?? 0.62);
      return (
        <>
          {pieces(half * 1.98, thicknessCm, lumpCm)
            .filter(({ x }) => Math.abs(x) < half)
            .map((piece, i) => (
              <circle
                key={i}
                cx={piece.x}
                cy={surfaceY(piece.x) + pastryCm + Math.max(-thicknessCm, piece.y) * 0.95}
                r={piece.r * 1.25}
                className={classes.crust}
                fill={colour}
              />
            ))}
        </>
      );
    }
    case 'border':
      // The border is the disc itself, drawn with the base that it is folded from.
      return null;
    case 'scones': {
      const count = Math.max(3, Math.round(half / 3));
      const pitch = (2 * half) / count;
      const r = (pitch * (1 - top.openShare)) / 2;
      return (
        <>
          {Array.from({ length: count }, (_, i) => {
            const x = -half + pitch * (i + 0.5);
            const y = surfaceY(x) + 0.15;
            return (
              <path
                key={i}
                d={`M${x - r} ${y}C${x - r} ${y - 2} ${x - r * 0.3} ${y - 2.4} ${x} ${y - 2.1}S${x + r} ${y - 1.8} ${x + r} ${y}Z`}
                className={classes.crust}
                fill={colour}
              />
            );
          })}
        </>
      );
    }
    case 'batter':
      return (
        <path
          d={`M${-half + 0.1} ${rimY}Q0 ${rimY - 2 * topRiseCm - 0.5} ${half - 0.1} ${rimY}V${rimY + 0.35}Q0 ${rimY - 2 * topRiseCm - 0.15} ${-half + 0.1} ${rimY + 0.35}Z`}
          className={classes.crust}
          fill={colour}
        />
      );
    case 'open':
      return null;
  }
}

/** Pieces that a cut through the middle meets, from left to right. */
const alongMiddle = ({ pieces: all, sizeCm }: CutOuts): number[] =>
  all
    .filter(({ y }) => Math.abs(y) < sizeCm / 2)
    .map(({ x }) => x)
    .sort((a, b) => a - b);

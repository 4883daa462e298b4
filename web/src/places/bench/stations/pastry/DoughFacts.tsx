import { builtInDoughs } from '@mardle/core';
import { Fig } from '../../../../shared/ui/Figure/Fig.js';
import type { StationProps } from '../../../../state/changeSpec.js';
import classes from '../../../../shared/ui/stations.module.css';

/** Hours when they are whole, else minutes. */
const lasting = (minutes: number): string => (minutes % 60 === 0 ? `${minutes / 60} h` : `${minutes} min`);

/** How much dough, how it is divided and rolled, its water, its rest, its scraps. */
export function DoughFacts({ spec, plan }: StationProps) {
  const figures = plan?.figures ?? {};
  const dough = builtInDoughs.get(spec.pastry.dough);
  const batch = spec.pastry.batch ?? 1;
  const base = figures['pastry.base_mass'];
  const top = figures['pastry.top_mass'];
  const left = figures['pastry.left'];
  return (
    <div className={classes.facts}>
      <p>
        Dough in all <Fig figure={figures['pastry.batch']} band />
        {left && (
          <>
            , {left.label === 'Dough left over' ? 'left over' : 'missing'} <Fig figure={left} />
          </>
        )}
        {batch > 1 && (
          <>
            , <Fig figure={figures['pastry.dough']} /> for each
          </>
        )}
        . Divide: {base && <Fig figure={base} />} {base && 'for the base'}
        {top && top.value > 0 && (
          <>
            {base && ', '}
            <Fig figure={top} /> for the top
          </>
        )}
        .
      </p>
      <p>
        {base && (
          <>
            Roll the base to <Fig figure={figures['pastry.base_disc']} />
            <Second id="pastry.base_width" plan={plan} spec={spec} />
          </>
        )}
        {figures['pastry.lid_disc'] && (
          <>
            {base ? ', the lid to ' : 'Roll the lid to '}
            <Fig figure={figures['pastry.lid_disc']} />
            <Second id="pastry.lid_width" plan={plan} spec={spec} />
          </>
        )}
        {figures['lattice.longest'] && (
          <>
            {base ? ', the strips from a sheet ' : 'Cut the strips from a sheet '}
            <Fig figure={figures['lattice.longest']} /> by <Fig figure={figures['lattice.sheet_width']} />
          </>
        )}
        {(base || figures['pastry.lid_disc'] || figures['lattice.longest']) && '.'} Scraps about{' '}
        <Fig figure={figures['pastry.scraps']} />: <Fig figure={figures['pastry.scrap_pieces']} /> small
        shapes, or freeze them.
      </p>
      <p>
        Ice water <Fig figure={figures['pastry.water']} band />: begin with the low figure, then by the spoon
        until a pressed handful holds. If it falls to crumbs, a spoon more; if it sticks to the hand, no more.
      </p>
      {dough && (
        <p>
          {dough.note} In the cold at least {lasting(dough.chillLeastMin)}; {lasting(dough.chillGoodMin)} is
          better, up to {lasting(dough.chillMostMin)}. If it shrinks when rolled, back to the cold.
        </p>
      )}
    </div>
  );
}

/** The other way of a sheet that is not round. */
function Second({ id, plan }: StationProps & { readonly id: string }) {
  const figure = plan?.figures[id];
  return figure ? (
    <>
      {' '}
      by <Fig figure={figure} />
    </>
  ) : null;
}

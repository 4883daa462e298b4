import { Group } from '@mantine/core';
import { NavLink, useParams } from 'react-router';
import { BakeList } from './BakeList.js';
import { BakeRecord } from './bake/BakeRecord.js';
import { LearnedList } from '../../learned/LearnedList.js';
import { KitchenFiles } from './KitchenFiles.js';
import { LogFiles } from './LogFiles.js';
import classes from './LogPlace.module.css';

/** What was baked, how it came out, and what all of it teaches. */
export function LogPlace() {
  const { bakeId } = useParams();
  return (
    <>
      <Group justify="space-between" mb={10}>
        <h1>Log</h1>
        <Group gap={8}>
          <LogFiles />
          <KitchenFiles />
        </Group>
      </Group>
      <div className={classes.place}>
        <BakeList open={bakeId ?? null} />
        <div className={classes.record}>
          {bakeId ? (
            <>
              <NavLink to="/log" className={classes.back}>
                What all bakes teach
              </NavLink>
              <BakeRecord key={bakeId} id={bakeId} />
            </>
          ) : (
            <LearnedList />
          )}
        </div>
      </div>
    </>
  );
}

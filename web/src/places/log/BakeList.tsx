import { Pagination, SegmentedControl, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { IconSearch } from '@tabler/icons-react';
import { useState } from 'react';
import { NavLink } from 'react-router';
import { useLog } from '../../shared/api/log.js';
import { Failure } from '../../shared/ui/Failure.js';
import { pageWords } from '../../shared/format/pageWords.js';
import classes from './LogPlace.module.css';
import { dayText, faultWords } from '../../learned/words.js';

const PAGE = 12;
const TYPING_MS = 200;
type Which = 'all' | 'yes' | 'no';
const which = [
  { value: 'all', label: 'All' },
  { value: 'yes', label: 'Tasted' },
  { value: 'no', label: 'Not yet' },
] as const satisfies readonly { value: Which; label: string }[];

/** The bakes that are over, newest first; find one by its name or oven. */
export function BakeList({ open }: { readonly open: string | null }) {
  const [typed, setTyped] = useState('');
  const [find] = useDebouncedValue(typed.trim(), TYPING_MS);
  const [tasted, setTasted] = useState<Which>('all');
  const [page, setPage] = useState(1);
  const query = { page, size: PAGE, ...(find ? { q: find } : {}), ...(tasted === 'all' ? {} : { tasted }) };
  const { data, error, isPlaceholderData } = useLog(query);
  const { bakes = [], total = 0 } = data ?? {};
  return (
    <section className={classes.list} aria-label="Bakes">
      <div role="search" className={classes.tools}>
        <TextInput
          aria-label="Find a bake by pie or oven"
          placeholder="pie, oven"
          leftSection={<IconSearch size={18} aria-hidden />}
          maxLength={80}
          value={typed}
          onChange={({ currentTarget: { value } }) => {
            setTyped(value);
            setPage(1);
          }}
        />
        <SegmentedControl
          aria-label="Which bakes"
          data={[...which]}
          value={tasted}
          onChange={(value) => {
            setTasted(which.find((one) => one.value === value)?.value ?? 'all');
            setPage(1);
          }}
        />
      </div>
      {error && <Failure error={error} />}
      {data && total === 0 && (
        <p className={classes.empty}>
          {find || tasted !== 'all'
            ? 'No bake is like that.'
            : 'Nothing is baked yet. A bake comes here when its pie is cut; then say how the slice was.'}
        </p>
      )}
      <ul aria-busy={isPlaceholderData}>
        {bakes.map(({ id, name, oven, bakedAt, tasting }) => (
          <li key={id}>
            <NavLink
              to={`/log/${id}`}
              className={classes.row}
              aria-current={id === open ? 'page' : undefined}
            >
              <strong>{name}</strong>
              <span>
                {dayText(bakedAt)}, {oven}
              </span>
              <span className={classes.verdict} data-good={faultWords(tasting) === 'good' || undefined}>
                {faultWords(tasting)}
              </span>
            </NavLink>
          </li>
        ))}
      </ul>
      {total > PAGE && (
        <Pagination
          size="sm"
          total={Math.ceil(total / PAGE)}
          value={page}
          onChange={setPage}
          getControlProps={(control) => ({ 'aria-label': pageWords[control] })}
          getItemProps={(item) => ({ 'aria-label': `Page ${item}` })}
        />
      )}
    </section>
  );
}

import { ActionIcon, Button, Checkbox, TextInput } from '@mantine/core';
import type { Skill } from '@mardle/core';
import { skills } from '@mardle/core';
import { IconChevronDown, IconPlus, IconX } from '@tabler/icons-react';
import { useState } from 'react';
import type { DayFile, Person } from '../../../state/day/dayFile.js';
import classes from '../DayPlace.module.css';
import { toHour, instantFrom } from '../hours.js';
import { daysOn } from '../shiftDay.js';
import { WallTime } from './WallTime.js';

const MOST_BREAKS = 20;

const skillWords: Readonly<Record<Skill, string>> = {
  dough: 'mix dough',
  fruit: 'fruit',
  line: 'roll and line',
  build: 'fill and close',
  oven: 'the ovens',
  pack: 'pack',
};

interface PersonRowProps {
  readonly file: DayFile;
  readonly person: Person;
  /** Which one on the list, from 1. */
  readonly number: number;
  readonly isLast: boolean;
  onChange(part: Partial<Person>): void;
  onRemove(): void;
}

/** Somebody on the bench: from when to when, away when, and what for. */
// eslint-disable-next-line max-lines-per-function -- one form, field by field
export function PersonRow({ file, person, number, isLast, onChange, onRemove }: PersonRowProps) {
  const [isOpen, setOpen] = useState(false);
  const { id, breaks = [] } = person;
  const can = person.skills ?? skills;
  const setBreak = (k: number, part: readonly [string | number, string | number]): void =>
    onChange({ breaks: breaks.map((one, n) => (n === k ? part : one)) });
  const addBreak = (): void => {
    const { date, hour: since } = toHour(file, breaks.at(-1)?.[1] ?? person.from);
    const at = (hour: string, days = 0): string => instantFrom(daysOn(date, days), hour, file.timeZone);
    // Who comes in the afternoon goes home for the night.
    const span =
      since >= '12:00' ? ([at('22:00'), at('06:00', 1)] as const) : ([at('12:00'), at('12:30')] as const);
    onChange({ breaks: [...breaks, span] });
  };
  const setSkill = (skill: Skill, does: boolean): void => {
    const next = skills.filter((one) => (one === skill ? does : can.includes(one)));
    onChange({ skills: next.length === skills.length ? null : next });
  };
  const away = breaks.map(([from, to]) => `${toHour(file, from).hour} to ${toHour(file, to).hour}`);
  const said = [
    ...(away.length > 0 ? [`away ${away.join(', ')}`] : []),
    ...(can.length < skills.length
      ? [`does ${skills.flatMap((one) => (can.includes(one) ? [skillWords[one]] : [])).join(', ')}`]
      : []),
  ];
  return (
    <li className={classes.fields}>
      <TextInput
        aria-label={`Name of hand ${number}`}
        className={classes.grow}
        value={id}
        maxLength={40}
        onChange={({ currentTarget: { value } }) => onChange({ id: value })}
      />
      <ActionIcon
        variant="subtle"
        size="lg"
        aria-label={`Take ${id} off`}
        disabled={isLast}
        onClick={onRemove}
      >
        <IconX size={18} />
      </ActionIcon>
      <div className={classes.fields}>
        <span className={classes.term}>comes</span>
        <WallTime
          file={file}
          label={`From when ${id} is there`}
          at={person.from}
          onChange={(from) => onChange({ from })}
        />
      </div>
      <div className={classes.fields}>
        <span className={classes.term}>goes</span>
        <WallTime
          file={file}
          label={`Until when ${id} is there`}
          at={person.to}
          onChange={(to) => onChange({ to })}
        />
      </div>
      {said.length > 0 && !isOpen && <small>{said.join('; ')}</small>}
      <Button
        variant="subtle"
        size="compact-md"
        aria-expanded={isOpen}
        aria-label={`Breaks and skills of ${id}`}
        rightSection={<IconChevronDown size={16} className={isOpen ? classes.turned : ''} />}
        onClick={() => setOpen(!isOpen)}
      >
        Breaks and skills
      </Button>
      {isOpen && (
        <div className={classes.wide}>
          <div className={classes.skills} role="group" aria-label={`What ${id} does`}>
            {skills.map((skill) => (
              <Checkbox
                key={skill}
                label={skillWords[skill]}
                checked={can.includes(skill)}
                disabled={can.length === 1 && can.includes(skill)}
                onChange={({ currentTarget: { checked } }) => setSkill(skill, checked)}
              />
            ))}
          </div>
          {breaks.map(([from, to], k) => (
            <div key={k} className={classes.away}>
              <span>away</span>
              <WallTime
                file={file}
                label={`From when ${id} is away, break ${k + 1}`}
                at={from}
                onChange={(at) => setBreak(k, [at, to])}
              />
              <ActionIcon
                variant="subtle"
                size="lg"
                aria-label={`Take break ${k + 1} of ${id} off`}
                onClick={() => onChange({ breaks: breaks.filter((_, n) => n !== k) })}
              >
                <IconX size={18} />
              </ActionIcon>
              <span>to</span>
              <WallTime
                file={file}
                label={`Until when ${id} is away, break ${k + 1}`}
                at={to}
                onChange={(at) => setBreak(k, [from, at])}
              />
            </div>
          ))}
          <Button
            variant="default"
            size="compact-md"
            mt={6}
            leftSection={<IconPlus size={16} />}
            disabled={breaks.length >= MOST_BREAKS}
            onClick={addBreak}
          >
            A break, or a night at home
          </Button>
        </div>
      )}
    </li>
  );
}

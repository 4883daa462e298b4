import { NativeSelect, useMantineColorScheme, ActionIcon } from '@mantine/core';
import { openSpotlight } from '@mantine/spotlight';
import { IconKeyboard, IconMoon, IconSearch, IconSun } from '@tabler/icons-react';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import type { FallbackProps } from 'react-error-boundary';
import { ErrorBoundary } from 'react-error-boundary';
import { NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { useCreatePie } from '../shared/api/pies.js';
import { starterSpec } from '@mardle/core';
import { useSettings } from '../state/settings.js';
import { useFocusKept } from '../shared/hooks/useFocusKept.js';
import { useKeptPlace } from '../shared/hooks/useKeptPlace.js';
import { useKeys } from '../shared/hooks/useKeys.js';
import { useStanding } from '../shared/hooks/useStanding.js';
import { useSendTaps } from '../state/sending/sendTaps.js';
import { Connection } from './Connection.js';
import { fetchRest, NotFetchedError } from './fetchPlaces.js';
import { KeyHelp } from './KeyHelp.js';
import classes from './Shell.module.css';
import { HeadSlotPlace } from './HeadSlot.js';
import { NotFetched } from './NotFetched.js';
import { places } from './places.js';
import { Unreadable } from './Unreadable.js';

/** Ways to count, as the head offers them. */
const countings = {
  g: { units: 'metric', first: 'weight' },
  oz: { units: 'us', first: 'weight' },
  cups: { units: 'us', first: 'measure' },
} as const;

/** What finds anything knows every fruit: it is brought in when the first view stands. */
const FindAnything = lazy(async () => ({ default: (await import('./FindAnything.js')).FindAnything }));

/** What is in the oven is worked out by core: it is brought in when the frame stands. */
const InTheOven = lazy(async () => ({ default: (await import('./InTheOven.js')).InTheOven }));

/** What stands in the place of one that cannot be shown. */
const Instead = (props: FallbackProps) =>
  props.error instanceof NotFetchedError ? <NotFetched /> : <Unreadable {...props} />;

/** The frame round every place: where to go, units, light, keys. */
export function Shell() {
  const { units, first, setCounting } = useSettings();
  const counting = units === 'metric' ? 'g' : first === 'measure' ? 'cups' : 'oz';
  const { colorScheme, setColorScheme } = useMantineColorScheme();
  const [finding, setFinding] = useState(false);
  const [helping, setHelping] = useState(false);
  const [slot, setSlot] = useState<HTMLElement | null>(null);
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const place = useRef<HTMLElement>(null);
  useKeptPlace(place);
  useFocusKept();
  const create = useCreatePie();
  const standing = useStanding();
  const find = (): void => {
    setFinding(true);
    openSpotlight();
  };
  useEffect(() => {
    if (standing) fetchRest();
  }, [standing]);
  const newPie = (): void => {
    if (create.isPending) return;
    void create
      .mutateAsync({ ...starterSpec, name: 'New pie' })
      .then(({ id }) => navigate(`/pies/${id}`))
      .catch(() => navigate('/pies'));
  };
  useSendTaps();
  useKeys([
    ['n', newPie],
    ['/', find],
    ['h', () => setHelping(true)],
  ]);
  const dark = colorScheme === 'dark';
  return (
    <div className={classes.shell}>
      <a className="skip" href="#place">
        To the work
      </a>
      <header className={`${classes.head} no-print`}>
        <NavLink to="/pies" className={classes.mark}>
          Mardle
        </NavLink>
        <nav aria-label="Places" className={classes.places}>
          {places.map(({ to, word, Icon }) => (
            <NavLink key={to} to={to} className={({ isActive }) => (isActive ? classes.here : undefined)}>
              <Icon size={20} aria-hidden />
              <span>{word}</span>
            </NavLink>
          ))}
        </nav>
        <div ref={setSlot} className={classes.slot} />
        <ActionIcon variant="subtle" size="lg" aria-label="Find anything" onClick={find}>
          <IconSearch size={22} />
        </ActionIcon>
        <ActionIcon
          className={classes.keys}
          variant="subtle"
          size="lg"
          aria-label="Keys"
          onClick={() => setHelping(true)}
        >
          <IconKeyboard size={22} />
        </ActionIcon>
        <ActionIcon
          variant="subtle"
          size="lg"
          aria-label={dark ? 'Light' : 'Dark'}
          onClick={() => setColorScheme(dark ? 'light' : 'dark')}
        >
          {dark ? <IconSun size={22} /> : <IconMoon size={22} />}
        </ActionIcon>
        <NativeSelect
          aria-label="Units"
          w={96}
          value={counting}
          onChange={({ currentTarget: { value } }) =>
            setCounting(countings[value === 'oz' || value === 'cups' ? value : 'g'])
          }
          data={[
            { value: 'g', label: 'g, °C' },
            { value: 'oz', label: 'oz, °F' },
            { value: 'cups', label: 'cups, °F' },
          ]}
        />
      </header>
      <div>
        <Connection />
        <ErrorBoundary fallback={null}>
          <Suspense>
            <InTheOven />
          </Suspense>
        </ErrorBoundary>
      </div>
      <main id="place" ref={place} className={classes.place}>
        <ErrorBoundary FallbackComponent={Instead} resetKeys={[pathname]}>
          <HeadSlotPlace value={slot}>
            <Suspense>
              <Outlet />
            </Suspense>
          </HeadSlotPlace>
        </ErrorBoundary>
      </main>
      {(standing || finding) && (
        <ErrorBoundary fallback={finding ? <NotFetched /> : null}>
          <Suspense>
            <FindAnything />
          </Suspense>
        </ErrorBoundary>
      )}
      {helping && <KeyHelp onClose={() => setHelping(false)} />}
    </div>
  );
}

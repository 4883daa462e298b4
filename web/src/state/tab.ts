const KEY = 'mardle.tab';

/** Other tabs see it for as long as this one is open. */
const lockOf = (tab: string): string => `mardle.tab.${tab}`;

const fresh = (): string => {
  const id = crypto.randomUUID();
  sessionStorage.setItem(KEY, id);
  return id;
};

let id = sessionStorage.getItem(KEY) ?? fresh();

/** This tab among all that show Mardle; the same after a reload. */
export const thisTab = (): string => id;

/** Where a browser cannot tell which tabs are open, none is thought to be. */
const locks = (): LockManager | undefined => (navigator as Partial<Navigator>).locks;

function hold(): Promise<void> {
  const held = locks();
  if (!held) return Promise.resolve();
  return new Promise((resolve) => {
    void held.request(lockOf(id), { ifAvailable: true }, (lock) => {
      if (!lock) {
        // A tab that was opened as the copy of another has its name too.
        id = fresh();
        resolve(hold());
        return undefined;
      }
      resolve();
      return new Promise<never>(() => undefined);
    });
  });
}

/** Until then this tab may still bear the name of the one that it was copied from. */
export const tabIsNamed: Promise<void> = hold();

/** Whether a tab is open now, this one included. */
export async function openTabs(): Promise<(tab: string) => boolean> {
  const names = new Set((await locks()?.query())?.held?.map(({ name }) => name));
  return (tab) => tab === id || names.has(lockOf(tab));
}

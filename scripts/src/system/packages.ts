import { hasProgram, run } from './run.js';
import { say, stop } from './say.js';

/** Debian packages by the program that shows they are there. */
const debian: Readonly<Record<string, string>> = { mariadbd: 'mariadb-server', chromium: 'chromium' };

let listsRead = false;

/** Installs the Debian packages whose programs are missing; says plainly what to do where it may not. */
export async function needPrograms(...programs: readonly string[]): Promise<void> {
  const missing = programs.filter((program) => !hasProgram(program));
  if (missing.length === 0) return;
  const packages = missing.map((program) => debian[program] ?? program);
  const wanted = `apt-get install -y ${packages.join(' ')}`;
  if (process.getuid?.() !== 0 || !hasProgram('apt-get')) {
    stop(`${missing.join(' and ')} missing. As root on Debian: ${wanted}; then run this again.`, 1);
  }
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  if (!listsRead) {
    say('reading package lists ...');
    if ((await run('apt-get', ['update', '-qq'], { env, quiet: true })) !== 0)
      say('apt-get update failed; trying with the lists there are.');
    listsRead = true;
  }
  say(`installing ${packages.join(', ')} (half a minute or so) ...`);
  const code = await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], {
    env,
    quiet: true,
  });
  if (code !== 0 || missing.some((program) => !hasProgram(program))) {
    stop(`could not install ${packages.join(', ')}: see the lines above. By hand: ${wanted}`, 1);
  }
}

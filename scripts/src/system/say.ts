/** Progress goes to stderr: stdout is for figures. */
export const say = (line: string): void => void process.stderr.write(`mardle: ${line}\n`);

/** Ends the command with a message and a code. */
export function stop(message: string, code: number): never {
  say(message);
  process.exit(code);
}

/** Settings, all from the environment; `npm start` and the tests set them. */
export interface Config {
  readonly port: number;
  readonly webFolder: string | null;
  readonly supervisor: number | null;
  /** Where the database keeps its files; null when that is not known. */
  readonly dataFolder: string | null;
  readonly database: {
    readonly port: number;
    readonly user: string;
    readonly password: string;
    readonly name: string;
  };
}

export function readConfig(env: NodeJS.ProcessEnv): Config {
  const wanted = (name: string): string => {
    const value = env[name];
    if (value === undefined || value === '')
      throw new Error(`${name} is not set; start the server with npm start`);
    return value;
  };
  return {
    port: Number(env['MARDLE_PORT'] ?? 4870),
    webFolder: env['MARDLE_WEB'] ?? null,
    supervisor: env['MARDLE_SUPERVISOR'] ? Number(env['MARDLE_SUPERVISOR']) : null,
    dataFolder: env['MARDLE_DB_FOLDER'] ?? null,
    database: {
      port: Number(wanted('MARDLE_DB_PORT')),
      user: wanted('MARDLE_DB_USER'),
      password: wanted('MARDLE_DB_PASSWORD'),
      name: wanted('MARDLE_DB_NAME'),
    },
  };
}

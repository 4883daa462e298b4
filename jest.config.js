import { fileURLToPath } from 'node:url';

/** One project per workspace; sources are compiled by SWC, types are checked by tsc in `npm test`. */
const swc = [
  fileURLToPath(new URL('./jest.transform.mjs', import.meta.url)),
  {
    swcrc: false,
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', tsx: true, decorators: true },
      transform: {
        legacyDecorator: true,
        decoratorMetadata: true,
        useDefineForClassFields: false,
        react: { runtime: 'automatic' },
      },
      keepClassNames: true,
    },
    module: { type: 'commonjs' },
  },
];

const shared = {
  // Looked up in the sandbox of a test file, these are several times slower than anywhere else.
  sandboxInjectedGlobals: ['Math', 'Number', 'Float64Array'],
  transform: { '^.+\\.(m?js|tsx?)$': swc },
  moduleNameMapper: {
    // Compiled into one file: `npm run test:unit` and its like compile it first. Core's own tests read its sources.
    '^@mardle/core$': '<rootDir>/../core/dist/whole.js',
    '^@mardle/contract/schema$': '<rootDir>/../contract/src/schema.ts',
    '^@mardle/research$': '<rootDir>/../research/src/index.ts',
    '^@mardle/contract$': '<rootDir>/../contract/src/index.ts',
    '^(\\.{1,2}/.*)\\.js$': '$1',
  },
  // Packages that are published as ES modules only.
  transformIgnorePatterns: [
    '/node_modules/(?!(@nestjs|file-type|strtok3|token-types|uint8array-extras|@tokenizer|@borewit|comlink|fetch-mock|regexparam|react-error-boundary)/)',
  ],
  testMatch: ['<rootDir>/src/**/*.test.ts', '<rootDir>/src/**/*.test.tsx'],
};

const project = (name, extra = {}) => ({ ...shared, displayName: name, rootDir: name, ...extra });

export default {
  // The machine may be busy: a test that hangs is told apart from one that waits for its turn.
  testTimeout: 300_000,
  projects: [
    project('core'),
    project('contract'),
    project('research'),
    project('scripts'),
    project('server', {
      moduleNameMapper: {
        ...shared.moduleNameMapper,
        // Exported to `import` alone.
        '^file-type$': '<rootDir>/../node_modules/file-type/index.js',
      },
    }),
    project('web', {
      testEnvironment: 'jest-fixed-jsdom',
      setupFilesAfterEnv: ['<rootDir>/src/test/setup.ts'],
      moduleNameMapper: {
        '\\.(css|woff\\?url)$': '<rootDir>/src/test/styles.ts',
        '^@tabler/icons-react$': '<rootDir>/src/test/icons.ts',
        // What the browser gets.
        '^pdfkit$': '<rootDir>/../node_modules/pdfkit/js/pdfkit.browser.js',
        // d3 is published as ES modules, with a build for everything else beside them.
        '^(d3-[a-z-]+|internmap)$': '<rootDir>/../node_modules/$1/dist/$1.js',
        ...shared.moduleNameMapper,
      },
    }),
  ],
};

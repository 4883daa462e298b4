import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import * as core from './index.js';
import { once } from './test/once.js';

const root = join(__dirname);

/** Files of core but for tests. */
const files = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter(
  (name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && !name.includes('test/'),
);

interface Documented {
  readonly name: string;
  readonly comment: string;
  readonly takes: number;
}

/** Functions that a file exports, each with its comment. */
function documented(file: string): Documented[] {
  const source = ts.createSourceFile(
    file,
    readFileSync(join(root, file), 'utf8'),
    ts.ScriptTarget.Latest,
    true,
  );
  return source.statements.flatMap((statement): Documented[] => {
    const comment = ts
      .getJSDocCommentsAndTags(statement)
      .map((node) => node.getText())
      .join('\n');
    if (ts.isFunctionDeclaration(statement) && statement.name) {
      return [{ name: statement.name.text, comment, takes: statement.parameters.length }];
    }
    if (!ts.isVariableStatement(statement)) return [];
    return statement.declarationList.declarations.flatMap(({ name, initializer }) =>
      initializer && ts.isArrowFunction(initializer)
        ? [{ name: name.getText(), comment, takes: initializer.parameters.length }]
        : [],
    );
  });
}

const functions = files.flatMap(documented);
const face = functions.filter(({ name }) => name in core);

describe('the public face of core', () => {
  it('is found', () => {
    expect(face.length).toBeGreaterThan(95);
  });

  it('says of each function what it takes and gives, with an example', () => {
    const bare = face.filter(
      ({ comment, takes }) =>
        !(
          comment.includes('@returns') &&
          comment.includes('@example') &&
          (takes === 0 || comment.includes('@param'))
        ),
    );
    expect(bare.map(({ name }) => name)).toEqual([]);
  });
});

describe('examples in comments', () => {
  const known = once(() => {
    const planned = core.planPie(core.starterSpec);
    const plan = planned.ok ? planned.plan : null;
    return {
      ...core,
      plan,
      spec: plan?.spec,
      bake: plan?.bake,
      body: plan?.work.body,
      draft: plan && core.draftPlan(plan.spec),
    };
  });
  const examples = functions.flatMap(({ name, comment }) => {
    const told = /@example (.+?) \/\/ (.+)/.exec(comment);
    return told && name in core ? [[told[1] ?? '', (told[2] ?? '').replace(/\s*\*\/$/, '')] as const] : [];
  });

  it.each(examples)('%s gives %s', (expression, told) => {
    const run = new Function(...Object.keys(known()), `return (${expression});`) as (
      ...given: unknown[]
    ) => unknown;
    const found = run(...Object.values(known()));
    const said =
      typeof found === 'number'
        ? String(Number(found.toPrecision(4)))
        : typeof found === 'string'
          ? `'${found}'`
          : String(found);
    expect(said).toBe(told);
  });
});

import swcJest from '@swc/jest';

/** `get name () {\n return value;\n }` of the list that SWC exports by. */
const GETTER = /get (?:"([^"]+)"|([\w$]+)) ?\(\) \{\s*return ([\w$.]+);\s*\}/g;
const LIST = /^_export\(exports, \{\n([\s\S]*?)\n\}\);$/gm;
const SINGLE =
  /^Object\.defineProperty\(exports, "([\w$]+)", \{\n\s*enumerable: true,\n\s*get: function\(\) \{\n\s*return ([\w$.]+);\n\s*\}\n\}\);$/gm;
const STAR =
  /Object\.defineProperty\(to, k, \{\s*enumerable: true,\s*get: function\(\) \{\s*return from\[k\];\s*\}\s*\}\);/;

/** What is exported and set later is still read by a getter. */
const CHANGING = /^export let ([\w$]+)/gm;

const lines = (text) => '\n'.repeat(text.split('\n').length - 1);

/**
 * SWC exports by getters, which are called at each use: a simulated bake takes twice as long. No file of this project depends on
 * itself in a circle (`npm run walls`), so each file is whole when another reads it, and its exports are plain values set at its end.
 */
function plainExports(code, source) {
  const changing = new Set([...source.matchAll(CHANGING)].map(([, name]) => name));
  const exported = [];
  const kept = code
    .replace(LIST, (block, list) => {
      for (const [, quoted, name, value] of list.matchAll(GETTER)) exported.push([quoted ?? name, value]);
      return lines(block);
    })
    .replace(SINGLE, (block, name, value) => {
      exported.push([name, value]);
      return lines(block);
    })
    .replace(STAR, (block) => `to[k] = from[k];${lines(block)}`);
  const last = exported
    .map(([name, value]) =>
      changing.has(value)
        ? `Object.defineProperty(exports, ${JSON.stringify(name)}, { enumerable: true, get: () => ${value} });`
        : `exports[${JSON.stringify(name)}] = ${value};`,
    )
    .join('');
  const end = kept.lastIndexOf('\n//# sourceMappingURL=');
  return end < 0 ? `${kept}\n${last}` : `${kept.slice(0, end)}\n${last}${kept.slice(end)}`;
}

export default {
  createTransformer(options) {
    const swc = swcJest.createTransformer(options);
    return {
      ...swc,
      process(source, file, asked) {
        const made = swc.process(source, file, asked);
        return file.includes('/node_modules/') ? made : { ...made, code: plainExports(made.code, source) };
      },
      getCacheKey: (source, file, asked) => `plain-2-${swc.getCacheKey(source, file, asked)}`,
    };
  },
};

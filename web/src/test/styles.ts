/** Stands in for style sheets: any class is called by its own name. */
const styles: Record<string, string> = new Proxy({}, { get: (_, name) => String(name) });
export default styles;

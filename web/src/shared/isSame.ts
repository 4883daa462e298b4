/** Whether two plain values say the same, as their JSON has it: what is undefined is not there. */
export const isSame = (a: unknown, b: unknown): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);

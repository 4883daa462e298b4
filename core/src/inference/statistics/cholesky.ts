/** Cholesky's factor of a positive definite matrix, in place of its lower half. */
export function factorize(a: Float64Array, n: number): void {
  for (let i = 0; i < n; i++) {
    for (let j = 0; j <= i; j++) {
      let sum = a[i * n + j]!;
      for (let k = 0; k < j; k++) sum -= a[i * n + k]! * a[j * n + k]!;
      a[i * n + j] = i === j ? Math.sqrt(Math.max(1e-12, sum)) : sum / a[j * n + j]!;
    }
  }
}

/** Solves with Cholesky's factor, in place. */
export function solve(factor: Float64Array, n: number, x: Float64Array): void {
  for (let i = 0; i < n; i++) {
    let sum = x[i]!;
    for (let k = 0; k < i; k++) sum -= factor[i * n + k]! * x[k]!;
    x[i] = sum / factor[i * n + i]!;
  }
  for (let i = n - 1; i >= 0; i--) {
    let sum = x[i]!;
    for (let k = i + 1; k < n; k++) sum -= factor[k * n + i]! * x[k]!;
    x[i] = sum / factor[i * n + i]!;
  }
}

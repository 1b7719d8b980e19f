/**
 * A way smoothed: a constant-speed model run forwards and backwards over the fixes (Rauch, Tung & Striebel 1965, AIAA
 * J. 3:1445–1450), each axis by itself.
 */

/** How hard a rider changes speed or course, m/s²: what the smoothing follows. From memory. */
export const AGILITY_MPS2 = 0.6;

/** Position and velocity of one axis, forwards and backwards over a leg. */
export function smoothAxis(
  times: readonly number[],
  measured: readonly number[],
  noiseM: number,
): { readonly place: Float64Array; readonly velocity: Float64Array } {
  const n = times.length;
  const place = new Float64Array(n);
  const velocity = new Float64Array(n);
  const p00 = new Float64Array(n);
  const p01 = new Float64Array(n);
  const p11 = new Float64Array(n);
  const predicted = {
    place: new Float64Array(n),
    velocity: new Float64Array(n),
    p00: new Float64Array(n),
    p01: new Float64Array(n),
    p11: new Float64Array(n),
  };
  const variance = noiseM * noiseM;
  const q = AGILITY_MPS2 ** 2;
  let x = measured[0] ?? 0;
  let v = 0;
  let [a, b, c] = [variance, 0, 100];
  for (let i = 0; i < n; i++) {
    const dt = i === 0 ? 0 : (times[i] ?? 0) - (times[i - 1] ?? 0);
    x += v * dt;
    a += 2 * b * dt + c * dt * dt + (q * dt ** 3) / 3;
    b += c * dt + (q * dt ** 2) / 2;
    c += q * dt;
    predicted.place[i] = x;
    predicted.velocity[i] = v;
    predicted.p00[i] = a;
    predicted.p01[i] = b;
    predicted.p11[i] = c;
    const gain0 = a / (a + variance);
    const gain1 = b / (a + variance);
    const miss = (measured[i] ?? 0) - x;
    x += gain0 * miss;
    v += gain1 * miss;
    c -= gain1 * b;
    b *= 1 - gain0;
    a *= 1 - gain0;
    place[i] = x;
    velocity[i] = v;
    p00[i] = a;
    p01[i] = b;
    p11[i] = c;
  }
  for (let i = n - 2; i >= 0; i--) {
    const dt = (times[i + 1] ?? 0) - (times[i] ?? 0);
    const [f00, f01, f11] = [p00[i] ?? 0, p01[i] ?? 0, p11[i] ?? 0];
    const [m00, m01, m11] = [predicted.p00[i + 1] ?? 0, predicted.p01[i + 1] ?? 0, predicted.p11[i + 1] ?? 0];
    const det = m00 * m11 - m01 * m01;
    // Gain: P·Fᵀ·M⁻¹ with F = [[1, dt], [0, 1]].
    const [g00, g01, g10, g11] = [f00 + dt * f01, f01, f01 + dt * f11, f11];
    const [c00, c01, c10, c11] = [
      (g00 * m11 - g01 * m01) / det,
      (g01 * m00 - g00 * m01) / det,
      (g10 * m11 - g11 * m01) / det,
      (g11 * m00 - g10 * m01) / det,
    ];
    const dx = (place[i + 1] ?? 0) - (predicted.place[i + 1] ?? 0);
    const dv = (velocity[i + 1] ?? 0) - (predicted.velocity[i + 1] ?? 0);
    place[i] = (place[i] ?? 0) + c00 * dx + c01 * dv;
    velocity[i] = (velocity[i] ?? 0) + c10 * dx + c11 * dv;
    const [d00, d01, d11] = [(p00[i + 1] ?? 0) - m00, (p01[i + 1] ?? 0) - m01, (p11[i + 1] ?? 0) - m11];
    p00[i] = f00 + c00 * c00 * d00 + 2 * c00 * c01 * d01 + c01 * c01 * d11;
    p01[i] = f01 + c00 * c10 * d00 + (c00 * c11 + c01 * c10) * d01 + c01 * c11 * d11;
    p11[i] = f11 + c10 * c10 * d00 + 2 * c10 * c11 * d01 + c11 * c11 * d11;
  }
  return { place, velocity };
}

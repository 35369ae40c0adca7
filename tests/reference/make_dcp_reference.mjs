// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The arithmetic of a camera profile done again, step by step after chapter 6 of the DNG specification 1.4, in
// plain JavaScript: prints tests/data/dcp_reference.csv. Run: node tests/reference/make_dcp_reference.mjs

const mul = (m, v) => m.map((r) => r[0] * v[0] + r[1] * v[1] + r[2] * v[2]);
const mix = (a, b, s) => a.map((r, i) => r.map((x, k) => (1 - s) * x + s * b[i][k]));
function inverse(m) {
  const [[a, b, c], [d, e, f], [g, h, i]] = m;
  const det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  return [[e * i - f * h, c * h - b * i, b * f - c * e], [f * g - d * i, a * i - c * g, c * d - a * f],
    [d * h - e * g, b * g - a * h, a * e - b * d]].map((r) => r.map((x) => x / det));
}

// CIE 1960 u, v of a black body by Krystek's rational formula (1985), then the nearest by search.
const krystek = (t) => [
  (0.860117757 + 1.54118254e-4 * t + 1.28641212e-7 * t * t) / (1 + 8.42420235e-4 * t + 7.08145163e-7 * t * t),
  (0.317398726 + 4.22806245e-5 * t + 4.20481691e-8 * t * t) / (1 - 2.89741816e-5 * t + 1.61456053e-7 * t * t)];
function kelvin(x, y) {
  const u = 4 * x / (-2 * x + 12 * y + 3), v = 6 * y / (-2 * x + 12 * y + 3);
  let best = 0, least = 1;
  for (let t = 1500; t < 15000; t += 0.25) {
    const [ub, vb] = krystek(t);
    const d = Math.hypot(u - ub, v - vb);
    if (d < least) { least = d; best = t; }
  }
  return best;
}

const profile = {
  kelvins: [2850, 6500],  // A and D65
  colour: [[[0.92, -0.31, -0.08], [-0.42, 1.21, 0.23], [-0.03, 0.12, 0.58]],
    [[0.81, -0.22, -0.09], [-0.46, 1.27, 0.2], [-0.08, 0.18, 0.66]]],
  forward: [[[0.61, 0.24, 0.1142], [0.22, 0.83, -0.05], [0.02, -0.16, 0.9649]],
    [[0.57, 0.27, 0.1242], [0.25, 0.78, -0.03], [0.04, -0.12, 0.9049]]],
  exposure: 0.35,
  tone: [[0, 0], [0.1, 0.06], [0.4, 0.45], [1, 1]],
};
// 3 hues, 2 saturations, 2 values; the look 2 hues, 2 saturations, 1 value.
const maps = [0, 1].map((l) => {
  const out = [];
  for (let v = 0; v < 2; ++v) for (let h = 0; h < 3; ++h) for (let s = 0; s < 2; ++s)
    out.push([s * (4 * h - 5 + 3 * l + 2 * v), 1 + s * 0.05 * (h - 1) + 0.02 * l, 1 + s * (0.03 * v - 0.02 * h)]);
  return out;
});
const look = [[0, 1, 1], [6, 0.95, 1.02], [0, 1, 1], [-4, 1.05, 0.98]];

// Linear ROMM RGB (ISO 22028-2) to XYZ by its primaries and D50 0.9642, 1, 0.8249.
function rommToXyz() {
  const p = [[0.7347, 0.2653], [0.1596, 0.8404], [0.0366, 0.0001]].map(([x, y]) => [x / y, 1, (1 - x - y) / y]);
  const m = [0, 1, 2].map((r) => p.map((c) => c[r]));
  const s = mul(inverse(m), [0.9642, 1, 0.8249]);
  return m.map((r) => r.map((x, k) => x * s[k]));
}
const TO = rommToXyz(), FROM = inverse(TO);

function hsv([r, g, b]) {
  const v = Math.max(r, g, b), gap = v - Math.min(r, g, b);
  if (gap <= 0) return [0, 0, v];
  let h = v === r ? (g - b) / gap : v === g ? 2 + (b - r) / gap : 4 + (r - g) / gap;
  if (h < 0) h += 6;
  return [h, gap / v, v];
}
function rgb([h, s, v]) {
  h = ((h % 6) + 6) % 6;
  const i = Math.floor(h), f = h - i, p = v * (1 - s), q = v * (1 - s * f), t = v * (1 - s * (1 - f));
  return [[v, t, p], [q, v, p], [p, v, t], [p, q, v], [t, p, v], [v, p, q]][i % 6];
}
function applied(map, hues, sats, vals, colour) {
  const [h, s, v] = hsv(colour.map((x) => Math.max(0, x)));
  const at = (vi, hi, si) => map[(vi * hues + (hi % hues)) * sats + si];
  const hp = h * hues / 6, h0 = Math.floor(hp) % hues, hf = hp - Math.floor(hp);
  const sp = Math.min(1, s) * (sats - 1), s0 = Math.min(Math.floor(sp), sats - 2), sf = sp - s0;
  const vp = Math.min(1, v) * (vals - 1), v0 = Math.max(0, Math.min(Math.floor(vp), vals - 2)), vf = vp - v0;
  const e = [0, 0, 0];
  for (const [vi, vw] of [[v0, 1 - vf], [Math.min(v0 + 1, vals - 1), vf]])
    for (const [hi, hw] of [[h0, 1 - hf], [h0 + 1, hf]])
      for (const [si, sw] of [[s0, 1 - sf], [s0 + 1, sf]])
        at(vi, hi, si).forEach((x, k) => { e[k] += vw * hw * sw * x; });
  return rgb([h + e[0] / 60, Math.min(1, s * e[1]), v * e[2]]);
}
const tone = (x) => {
  const t = profile.tone;
  if (x >= 1) return 1;
  const k = t.findIndex((p) => p[0] >= x);
  if (k <= 0) return t[0][1];
  const [a, b] = [t[k - 1], t[k]];
  return a[1] + (b[1] - a[1]) * (x - a[0]) / (b[0] - a[0]);
};

function developed(neutral, balanced) {
  let x = 0.34567, y = 0.3585, share = 0, t = 5003;
  for (let round = 0; round < 40; ++round) {
    share = Math.min(1, Math.max(0, (1 / t - 1 / profile.kelvins[0]) / (1 / profile.kelvins[1] - 1 / profile.kelvins[0])));
    const xyz = mul(inverse(mix(profile.colour[0], profile.colour[1], share)), neutral);
    const sum = xyz[0] + xyz[1] + xyz[2];
    x = xyz[0] / sum; y = xyz[1] / sum;
    t = kelvin(x, y);
  }
  let c = mul(FROM, mul(mix(profile.forward[0], profile.forward[1], share), balanced));
  const map = maps[0].map((e, i) => e.map((v, k) => (1 - share) * v + share * maps[1][i][k]));
  c = applied(map, 3, 2, 2, c).map((v) => v * 2 ** profile.exposure);
  c = applied(look, 2, 2, 1, c);
  const hi = Math.max(...c), lo = Math.min(...c), to = tone(hi), from = tone(lo);
  c = c.map((v) => (hi > lo ? from + (to - from) * (v - lo) / (hi - lo) : to));
  return [share, t, ...mul(TO, c)];
}

console.log('neutral_r,neutral_g,neutral_b,r,g,b,share,kelvin,x,y,z');
for (const neutral of [[0.62, 1, 0.34], [0.52, 1, 0.5], [0.45, 1, 0.62]])
  for (const colour of [[0.5, 0.5, 0.5], [0.7, 0.3, 0.2], [0.2, 0.5, 0.25], [0.15, 0.2, 0.55], [0.6, 0.55, 0.2], [0.05, 0.06, 0.05]])
    console.log([...neutral, ...colour, ...developed(neutral, colour).map((v) => v.toFixed(7))].join(','));

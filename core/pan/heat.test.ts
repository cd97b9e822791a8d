import { each } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { boilingPoint } from './air'
import { heat, type Heating } from './heat'
import { disc, rectangle, type Mesh } from './mesh'

const air = (h: number) => ({ air: h, takesIn: 0, wall: 0 })
const shut = air(0)
const solid = {
  density: 900,
  matrix: 900,
  heatCapacity: 2700,
  water: 0,
  rise: 0,
  conducts: 0.3,
  solid: true,
} as const
const spread = 0.3 / (900 * 2700)
const body = (mesh: Mesh, depth: number, more: Partial<Heating> = {}): Heating => ({
  mesh,
  depth,
  crumb: solid,
  oven: 175,
  start: 22,
  bottom: air(20),
  side: air(20),
  tube: shut,
  top: air(20),
  drying: false,
  dip: 0,
  altitude: 0,
  scale: 1,
  ...more,
})
/** θ = (oven − T)/(oven − start) at the coldest place after a Fourier number. */
const theta = (of: Heating, seconds: number, layers: number) =>
  (175 - heat(of, 1000, seconds, layers).curve.coldest.at(-1)!) / (175 - 22)

describe('against series solutions of heat conduction (any heat-transfer textbook’s charts)', () => {
  // A slab: nothing passes its sides. Its half thickness is 5 cm; Bi = h·l/k.
  const half = 0.05
  const slab = (bi: number) =>
    body(disc(0.2, 0, 2), 2 * half, {
      side: shut,
      bottom: air(bi === Infinity ? 1e6 : (bi * 0.3) / half),
      top: air(bi === Infinity ? 1e6 : (bi * 0.3) / half),
    })
  test.each([
    [Infinity, 0.2, 0.772312],
    [Infinity, 0.5, 0.370777],
    [Infinity, 1, 0.107977],
    [1, 0.2, 0.950642],
    [1, 0.5, 0.772526],
    [1, 1, 0.533859],
    [5, 0.2, 0.864881],
    [5, 0.5, 0.523109],
    [5, 1, 0.220721],
  ])('slab, Bi %p, Fo %p: %p', (bi, fo, wanted) => {
    expect(Math.abs(theta(slab(bi), (fo * half * half) / spread, 41) / wanted - 1)).toBeLessThan(
      0.01,
    )
  })
  // A cylinder: nothing passes its ends.
  const radius = 0.05
  const cylinder = (bi: number) =>
    body(disc(radius, 0, 40), 0.1, {
      bottom: shut,
      top: shut,
      side: air(bi === Infinity ? 1e6 : (bi * 0.3) / radius),
    })
  test.each([
    [Infinity, 0.2, 0.501487],
    [Infinity, 0.5, 0.08889],
    [1, 0.2, 0.870174],
    [1, 0.5, 0.548586],
  ])('cylinder, Bi %p, Fo %p: %p', (bi, fo, wanted) => {
    expect(
      Math.abs(theta(cylinder(bi), (fo * radius * radius) / spread, 2) / wanted - 1),
    ).toBeLessThan(0.01)
  })
  test('both at once: 96 °C in the middle of a cylinder after 3921.3 s, of a box after 3519.9 s', () => {
    expect(
      Math.abs(heat(body(disc(0.1, 0, 40), 0.05), 96, 2e4, 40).seconds! / 3921.3 - 1),
    ).toBeLessThan(0.002)
    expect(
      Math.abs(heat(body(rectangle(0.2, 0.1, 16), 0.05), 96, 2e4, 17).seconds! / 3519.9 - 1),
    ).toBeLessThan(0.005)
  })
  test('the coarse grid that is used is within 1 % of the fine one, a box within 1 %', () => {
    const fine = heat(body(disc(0.1, 0, 40), 0.05), 96, 2e4, 40).seconds!
    expect(
      Math.abs(heat(body(disc(0.1, 0, 8), 0.05), 96, 2e4, 7).seconds! / fine - 1),
    ).toBeLessThan(0.01)
    expect(
      Math.abs(heat(body(rectangle(0.2, 0.1, 5), 0.05), 96, 2e4, 7).seconds! / 3519.9 - 1),
    ).toBeLessThan(0.01)
  })
  test.each([
    [1000, 96.68],
    [1500, 95.02],
    [2000, 93.36],
    [3000, 90.03],
  ])('water boils at %p m at %p °C', (height, wanted) => {
    expect(boilingPoint(height)).toBeCloseTo(wanted, 0)
    expect(Math.abs(boilingPoint(height) - wanted)).toBeLessThan(0.07)
  })
})

const crumb = {
  density: 950,
  matrix: 1280,
  heatCapacity: 2700,
  water: 0.3,
  rise: 0.9,
  conducts: 0.45,
}
const pan = { air: 9, takesIn: 0.6, wall: 0 }
const real = (mesh: Mesh, depth: number, more: Partial<Heating> = {}): Heating => ({
  mesh,
  depth,
  crumb,
  oven: 175,
  start: 20,
  bottom: pan,
  side: pan,
  tube: pan,
  top: { ...pan, takesIn: 0.9 },
  drying: true,
  dip: 25,
  altitude: 0,
  scale: 0.66,
  ...more,
})

describe('a batter', () => {
  test('no joule is lost: what comes in from all sides is held or goes off as steam', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.14, noNaN: true }),
        fc.double({ min: 0.01, max: 0.09, noNaN: true }),
        fc.double({ min: 0, max: 0.015, noNaN: true }),
        fc.integer({ min: 120, max: 240 }),
        fc.boolean(),
        (radius, depth, hole, oven, box) => {
          const { energy } = heat(
            real(
              box ? rectangle(2 * radius, radius, 5) : disc(radius, Math.min(hole, radius / 3), 8),
              depth,
              { oven },
            ),
            95,
            3 * 3600,
            7,
          )
          expect(Math.abs(energy.in / energy.held - 1)).toBeLessThan(1e-9)
        },
      ),
      { numRuns: 30 },
    ))
  test('deeper or wider is never faster, hotter never slower; a hole never slows it', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.03, max: 0.12, noNaN: true }),
        fc.double({ min: 0.015, max: 0.07, noNaN: true }),
        fc.integer({ min: 140, max: 220 }),
        fc.double({ min: 1.03, max: 1.6, noNaN: true }),
        (radius, depth, oven, more) => {
          const minutes = (r: number, d: number, o: number, hole = 0) =>
            heat(real(disc(r, hole, 8), d, { oven: o }), 95, 6 * 3600, 7).seconds ?? Infinity
          const base = minutes(radius, depth, oven)
          expect(minutes(radius, depth * more, oven)).toBeGreaterThanOrEqual(base * 0.999)
          expect(minutes(radius * more, depth, oven)).toBeGreaterThanOrEqual(base * 0.985)
          expect(minutes(radius, depth, oven + 10)).toBeLessThanOrEqual(base * 1.001)
          expect(minutes(radius, depth, oven, radius * 0.35)).toBeLessThanOrEqual(base * 1.01)
        },
      ),
      { numRuns: 20 },
    ))
  test('its crumb stays at boiling while there is water, its outside is hotter than its middle', () => {
    const { curve, height, dried } = heat(real(disc(0.1, 0, 8), 0.04), 96, 6 * 3600, 7)
    expect(Math.max(...curve.coldest)).toBeLessThanOrEqual(100)
    each(curve.coldest).forEach((t, i) => expect(curve.warmest[i]!).toBeGreaterThanOrEqual(t))
    expect(height).toBeGreaterThan(0.04 * 1.6)
    expect(dried).toBeGreaterThan(0.005)
    expect(dried).toBeLessThan(0.15)
  })
  test('what a cold oven cannot do has no time', () =>
    expect(heat(real(disc(0.1, 0, 8), 0.04, { oven: 70 }), 96, 3600, 7).seconds).toBeNull())
})

import { expect, test } from 'vitest';
import { inRoles, rounded, spreadOf } from './even';

test('of points in order the middle is the one between, or between the two in the middle', () => {
  expect(spreadOf([1, 4, 9])).toEqual({ low: 1, middle: 4, high: 9 });
  expect(spreadOf([1, 4, 5, 9])).toEqual({ low: 1, middle: 4.5, high: 9 });
  expect(spreadOf([7])).toEqual({ low: 7, middle: 7, high: 7 });
});

test('figures have no needless decimals, and roles no braces', () => {
  expect(rounded(2.5)).toBe('2.5');
  expect(rounded(1 / 3)).toBe('0.33');
  expect(inRoles('{Context} decides itself')).toBe('Context decides itself');
  expect(inRoles('calls {Strategy}.')).toBe('calls Strategy');
});

import { describe, expect, it } from 'vitest';
import type { Api } from '../api/client';
import { cut, inWords, ofPattern, ofSubmission, sizeOf } from './drawing';
import { asGraph, labelOf, read } from './layout';

const office: Api<'Classifier'> = {
  id: 'a.Office',
  name: 'Office',
  isAbstract: false,
  roles: ['Context'],
  attributes: [{ text: '- fee : Fee', isAbstract: false, isStatic: false, member: 'held' }],
  operations: [],
};
const fee: Api<'Classifier'> = {
  ...office,
  id: 'a.Fee',
  name: 'Fee',
  keyword: 'interface',
  roles: ['Strategy'],
  attributes: [],
};
const main: Api<'Classifier'> = { ...office, id: 'a.Main', name: 'Main', roles: [], attributes: [] };
const nobody: Api<'Classifier'> = {
  ...main,
  id: 'role:ConcreteStrategy',
  name: '',
  roles: ['ConcreteStrategy'],
};
const holds: Api<'Relationship'> = {
  from: 'a.Office',
  to: 'a.Fee',
  kind: 'ASSOCIATION',
  multiplicity: '*',
  label: 'fees',
  isMissing: false,
};
const gap: Api<'Relationship'> = {
  from: 'role:ConcreteStrategy',
  to: 'a.Fee',
  kind: 'REALISATION',
  isMissing: true,
};
const uses: Api<'Relationship'> = {
  from: 'a.Main',
  to: 'a.Office',
  kind: 'DEPENDENCY',
  label: 'create',
  isMissing: false,
};
const diagram: Api<'ClassDiagram'> = {
  classifiers: [office, fee, main, nobody],
  relationships: [holds, gap, uses],
  leftOut: 0,
};

describe('the drawing of a submission', () => {
  it('leaves out what plays no role, with its lines', () => {
    const drawing = ofSubmission(diagram, false);

    expect(drawing.boxes.map((b) => b.name)).toEqual(['Office', 'Fee', 'nobody']);
    expect(drawing.links).toEqual([holds, gap]);
  });

  it('shows it quietly when asked, and a role that nobody plays as a gap', () => {
    const drawing = ofSubmission(diagram, true);

    expect(drawing.boxes.find((b) => b.name === 'Main')?.isQuiet).toBe(true);
    expect(drawing.boxes.find((b) => b.isGap)?.roles).toEqual(['ConcreteStrategy']);
  });

  it('says every line in words', () => {
    const names = new Map([
      ['a.Office', 'Office'],
      ['a.Fee', 'Fee'],
      ['a.Main', 'Main'],
      ['role:ConcreteStrategy', 'Concrete strategy'],
    ]);

    expect(inWords(holds, names)).toBe('Office holds many Fee as fees');
    expect(inWords(gap, names)).toBe('Concrete strategy should realise Fee, and does not');
    expect(inWords(uses, names)).toBe('Main makes Office');
  });

  it('makes room for what a box says, but not for what is too long', () => {
    const long = { text: `+ ${'x'.repeat(300)}()`, isAbstract: false, isStatic: false };
    const [box] = ofSubmission({ ...diagram, classifiers: [{ ...office, operations: [long] }] }, true).boxes;

    expect(sizeOf(box!).width).toBeLessThan(400);
    expect(cut(long.text)).toHaveLength(46);
  });

  it('comes back from the layout with a place for each box and line', () => {
    const drawing = ofSubmission(diagram, false);
    const graph = asGraph(drawing);
    graph.children!.forEach((c, i) => Object.assign(c, { x: i * 100, y: 0 }));
    graph.edges![0]!.sections = [{ id: 's', startPoint: { x: 5, y: 50 }, endPoint: { x: 5, y: 10 } }];

    const layout = read(drawing, graph);

    expect(layout.boxes.map((b) => b.x)).toEqual([0, 100, 200]);
    expect(layout.links[0]!.points).toHaveLength(2);
    expect(layout.links[0]!.labelAt).toEqual({ x: 11, y: 34, anchor: 'start' });
    expect(labelOf(layout.links[0]!)).toBe('fees  *');
  });
});

describe('the drawing of a pattern', () => {
  it('gives a variant the operations of what it realises', () => {
    const drawing = ofPattern({
      roles: [
        { name: 'Strategy', doc: '', isAbstract: true, many: false, operations: ['algorithm'] },
        { name: 'ConcreteStrategy', doc: '', isAbstract: false, many: true, operations: [] },
      ],
      relations: [{ from: 'ConcreteStrategy', to: 'Strategy', kind: 'REALISATION' }],
    });

    expect(drawing.boxes[1]!.operations.map((o) => o.text)).toEqual(['algorithm()']);
    expect(drawing.links[0]!.multiplicity).toBeUndefined();
  });
});

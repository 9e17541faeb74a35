import { describe, expect, it } from 'vitest';
import { answersTo, type Find, type FindGroup } from './find';

const find = (group: FindGroup, name: string, beside = ''): Find => ({
  key: `${group}${name}`,
  group,
  name,
  beside,
  go: { href: '/' },
});
const OFFERED: ReadonlySet<FindGroup> = new Set(['rooms']);
const names = (typed: string, finds: Find[]) =>
  answersTo(typed, finds, OFFERED).map(({ group, finds: found }) => [group, ...found.map((f) => f.name)]);

describe('what is found', () => {
  it('stands by its sort, things of the room first', () => {
    expect(
      names('lin', [
        find('rules', 'Linen weight'),
        find('things', 'Linen throw'),
        find('here', 'Linen cover'),
      ]),
    ).toEqual([
      ['here', 'Linen cover'],
      ['things', 'Linen throw'],
      ['rules', 'Linen weight'],
    ]);
  });

  it('of a better answer stands before', () => {
    expect(
      names('landing', [
        find('here', 'Landing door'),
        find('rooms', 'Landing'),
        find('rules', 'Landing of a hem'),
      ]),
    ).toEqual([
      ['rooms', 'Landing'],
      ['here', 'Landing door'],
      ['rules', 'Landing of a hem'],
    ]);
  });

  it('begins with what was typed before it only holds it', () => {
    expect(
      names('oak', [find('things', 'Soaked'), find('things', 'Old oak'), find('things', 'Oak tray')]),
    ).toEqual([['things', 'Oak tray', 'Old oak', 'Soaked']]);
  });

  it('is no sentence that holds the letters within a word', () => {
    expect(names('hem', [find('findings', 'Move them'), find('findings', 'Take up the hem')])).toEqual([
      ['findings', 'Take up the hem'],
    ]);
  });

  it('is also known by what stands beside it', () => {
    expect(
      names('landing', [find('looks', 'Winter', 'Landing'), find('looks', 'Winter', 'Bedroom')]),
    ).toEqual([['looks', 'Winter']]);
  });

  it('is offered before a letter is typed where it is asked for most', () => {
    expect(names(' ', [find('rooms', 'Landing'), find('rules', 'Hem')])).toEqual([['rooms', 'Landing']]);
  });

  it('is six of a sort', () => {
    const many = Array.from({ length: 20 }, (_, n) => find('things', `Vase ${n}`));
    expect(names('vase', many)[0]).toHaveLength(7);
  });
});

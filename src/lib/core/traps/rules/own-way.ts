import { trapRule } from './trap-rule.ts';

/** A way of the shop’s own is written in words: it is looked at, not worked out. */
export const ownWay = trapRule({
  code: 'own-way',
  severity: 'ask',
  find: ({ trap, layout: { rules } }) => {
    const nipple = rules['trap-nipple'];
    if (nipple.option === 'own') return { code: 'own-way', rule: 'trap-nipple', name: nipple.name };
    const straight = rules['straight-trap'];
    return straight.option === 'own' && trap.verdict === 'straight-through'
      ? { code: 'own-way', rule: 'straight-trap', name: straight.name }
      : null;
  },
});

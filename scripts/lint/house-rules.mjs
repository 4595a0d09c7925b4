/** Rules of this house that no package has. */
export default {
  meta: { name: 'house' },
  rules: {
    'no-power-operator': {
      /** @param {import('eslint').Rule.RuleContext} context */
      create: context => ({
        /** @param {import('estree').BinaryExpression} node */
        'BinaryExpression[operator="**"]': node =>
          context.report({ node, message: 'use integerPower or pow of core/elementary' }),
      }),
    },
  },
}

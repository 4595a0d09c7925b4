export default defineAppConfig({ ui: { colors: { primary: 'violet', neutral: 'stone', error: 'red' } } })

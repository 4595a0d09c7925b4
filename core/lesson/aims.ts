/** What a class should be able to say after a lesson, by its topic. */
const AIMS = {
  'air pressure': 'Pupils can say that air presses from all sides, and use a difference of pressure to explain a push.',
  'altitude': 'Pupils can say how and why what happens here would differ on a high mountain.',
  'barometer': 'Pupils can explain what holds a column of water up, and what its height tells.',
  'boiling': 'Pupils can say that water boils where its vapour presses as hard as what is around it.',
  'buoyancy': 'Pupils can predict whether a thing floats from its weight and the water that it pushes aside.',
  'change of state': 'Pupils can say what becomes of the particles when a vapour turns to a liquid and back.',
  'combustion': 'Pupils can name what a flame uses and makes, and what the warmth alone does.',
  'condensation': 'Pupils can explain why so little is left of a vapour that turns to a liquid, and what that does.',
  'energy': 'Pupils can follow energy from where it is stored to what moves.',
  'engineering': 'Pupils can say what keeps a closed vessel safe when it cools, and why it matters.',
  'feedback': 'Pupils can point out where an effect speeds itself up.',
  'force and area': 'Pupils can work out a force from a pressure and an area.',
  'friction': 'Pupils can say what friction holds, and what it depends on.',
  'gas laws': 'Pupils can predict how pressure, volume and temperature of a gas change together.',
  'heating and cooling': 'Pupils can say what warming and cooling do to the pressure and the volume of a gas.',
  'hydrostatic pressure': 'Pupils can relate the height of a column to the pressure that holds it.',
  'motion': 'Pupils can explain what sets a thing in motion by the push on each of its sides.',
  'particle model': 'Pupils can tell with particles, how many and how fast, why a pressure changes.',
  'pressure in liquids': 'Pupils can say how a push is passed on in a liquid.',
  'sound': 'Pupils can say what carries sound, and what happens where nothing is there to carry it.',
  'speed of sound': 'Pupils can say why air can follow only as fast as its own particles move.',
  'strength of shells': 'Pupils can say why a wall that holds much from inside may give way to little from outside.',
  'surface tension': 'Pupils can say where the skin of water helps, and where it is too weak.',
  'vacuum': 'Pupils can say that an empty space does not pull: what is around it pushes.',
  'vapour': 'Pupils can say when vapour turns to drops, and what the drops begin on.',
  'vapour pressure': 'Pupils can relate the warmth of a liquid to the pressure of its vapour.',
  'weather': 'Pupils can explain how a cloud forms where air rises.',
  'weather and flight': 'Pupils can say what a lower pressure outside does to what has air shut in.',
  'where else this happens': 'Pupils can find the same cause in a case from daily life or industry.',
  'wrong ideas': 'Pupils can test an explanation that sounds right, and say what speaks against it.',
} as const satisfies Readonly<Record<string, string>>

export type LessonTopic = keyof typeof AIMS
export const LESSON_TOPICS = Object.keys(AIMS) as LessonTopic[]
export const isLessonTopic = (topic: string): topic is LessonTopic => topic in AIMS
export const aimOf = (topic: LessonTopic): string => AIMS[topic]

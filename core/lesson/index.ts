/** A lesson: what is shown in it, to what end, and how long it takes. */
export { LESSON_TOPICS, aimOf, isLessonTopic, type LessonTopic } from './aims'
export { lessonCandidate, type LessonCandidate } from './candidate'
export { LESSON_TIMES, chooseLesson, lessonTalk, type ChosenLesson, type LeftOut, type LessonWish } from './choose'

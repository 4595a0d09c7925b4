import type { Component } from 'vue'
import type { DrawingState } from '~~/core'
import ClosedDrawing from './ClosedDrawing.vue'
import DippedDrawing from './DippedDrawing.vue'
import SceneDrawing from './SceneDrawing.vue'

/**
 * The drawing that shows a state: shapes of its own, what is turned over into a bath, or what is closed where it
 * stands.
 */
export const drawingFor = (state: DrawingState): Component =>
  state.scene ? SceneDrawing : state.words?.cooling === 'bath' ? DippedDrawing : ClosedDrawing

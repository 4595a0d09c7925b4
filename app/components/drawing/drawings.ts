import type { Component } from 'vue'
import CanPlungeDrawing from './CanPlungeDrawing.vue'

/** The bench drawing of each demonstration, by its id. */
export const DRAWINGS: Record<string, Component> = { 'can-plunge': CanPlungeDrawing }

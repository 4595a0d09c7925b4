/** Draws the wall of a vessel in three dimensions; fetched when it is asked for. */
import {
  AmbientLight,
  BufferAttribute,
  BufferGeometry,
  CatmullRomCurve3,
  DirectionalLight,
  DoubleSide,
  Group,
  HemisphereLight,
  Mesh,
  MeshStandardMaterial,
  PerspectiveCamera,
  Scene,
  TubeGeometry,
  Vector3,
  WebGLRenderer,
} from 'three'
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js'
import type { CrushedShell, ShellMesh } from '~~/core'

/** rad, of one press of an arrow */
const STEP = Math.PI / 12
const METAL = { color: 0xb9c1ca, metalness: 0.55, roughness: 0.38, side: DoubleSide }

export interface VesselView {
  /** steps to the right and upwards */ turn: (right: number, up: number) => void
  close: () => void
}

/** Part of the triangles, smooth within itself. */
function part({ positions }: ShellMesh, triangles: Uint32Array): Mesh {
  const geometry = new BufferGeometry()
  geometry.setAttribute('position', new BufferAttribute(Float32Array.from(positions), 3))
  geometry.setIndex(new BufferAttribute(triangles, 1))
  geometry.computeVertexNormals()
  return new Mesh(geometry, new MeshStandardMaterial(METAL))
}

/** A hoop lies on the wall where it was, and goes in with it. */
function hoop({ positions, around, rings }: ShellMesh, share: number, thick: number): Mesh {
  const ring = Math.round(share * (rings - 1))
  const points = Array.from({ length: around }, (_, i) => new Vector3().fromArray(positions, 3 * (ring * around + i)))
  const geometry = new TubeGeometry(new CatmullRomCurve3(points, true), 2 * around, thick, 6, true)
  return new Mesh(geometry, new MeshStandardMaterial({ ...METAL, color: 0x98a2ad }))
}

/** @throws Error where there is no WebGL */
export function showVessel(canvas: HTMLCanvasElement, shell: CrushedShell, mesh: ShellMesh): VesselView {
  const renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true })
  renderer.setPixelRatio(Math.min(2, devicePixelRatio))
  const scene = new Scene()
  const vessel = new Group()
  const walls = 3 * mesh.wallTriangles
  vessel.add(part(mesh, mesh.triangles.slice(0, walls)), part(mesh, mesh.triangles.slice(walls)))
  const across = shell.plan.kind === 'round' ? shell.plan.diameter : Math.max(shell.plan.width, shell.plan.depth)
  for (const height of shell.hoops) vessel.add(hoop(mesh, height / shell.height, 0.012 * across))
  // Height is upwards here, and the middle of the vessel is what it turns about.
  vessel.rotation.x = -Math.PI / 2
  vessel.position.y = -mesh.height / 2
  scene.add(vessel, new HemisphereLight(0xffffff, 0x8a8f98, 1.4), new AmbientLight(0xffffff, 0.35))
  for (const [x, y, z, power] of [
    [1, 1.4, 1.2, 2.2],
    [-1.3, 0.3, 0.6, 1],
    [0.2, 0.5, -1.5, 0.8],
  ] as const) {
    const light = new DirectionalLight(0xffffff, power)
    light.position.set(x, y, z)
    scene.add(light)
  }
  const size = Math.hypot(across, shell.height)
  const camera = new PerspectiveCamera(32, 1, size / 50, size * 20)
  camera.position.set(0.9 * size, 0.75 * size, 1.6 * size)
  const controls = new OrbitControls(camera, canvas)
  controls.enablePan = false
  const draw = () => renderer.render(scene, camera)
  controls.addEventListener('change', draw)
  const fit = () => {
    const { clientWidth: width, clientHeight: height } = canvas
    if (width === 0 || height === 0) return
    renderer.setSize(width, height, false)
    camera.aspect = width / height
    camera.updateProjectionMatrix()
    controls.update()
    draw()
  }
  const watching = new ResizeObserver(fit)
  watching.observe(canvas)
  fit()
  return {
    turn(right, up) {
      const from = camera.position.clone()
      from.applyAxisAngle(new Vector3(0, 1, 0), right * STEP)
      const aside = new Vector3(0, 1, 0).cross(from).normalize()
      from.applyAxisAngle(aside, -up * STEP)
      // Never over the top: the vessel would stand on its head.
      if (Math.abs(from.y) < 0.97 * from.length()) camera.position.copy(from)
      controls.update()
      draw()
    },
    close() {
      watching.disconnect()
      controls.dispose()
      vessel.traverse(piece => {
        if (!(piece instanceof Mesh)) return
        ;(piece.geometry as BufferGeometry).dispose()
        ;(piece.material as MeshStandardMaterial).dispose()
      })
      renderer.dispose()
    },
  }
}

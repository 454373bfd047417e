import { useEffect, useRef, useState } from 'react';
import * as three from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import type { SolvedWeave } from '../../../core/patterns/types.ts';
import { solidOf } from './solid.ts';

const HEIGHT = 340;

/** The weave in the round: drag to turn, wheel to come nearer, arrow keys to turn by steps. Draws only when it moves. */
export default function Turntable({ solved }: { readonly solved: SolvedWeave }) {
  const host = useRef<HTMLDivElement>(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    const node = host.current!;
    let renderer: three.WebGLRenderer;
    try {
      renderer = new three.WebGLRenderer({ antialias: true, alpha: true });
    } catch {
      setFailed(true);
      return;
    }
    const width = node.clientWidth;
    renderer.setSize(width, HEIGHT);
    node.append(renderer.domElement);
    const scene = new three.Scene();
    const solid = solidOf(solved);
    scene.add(solid, new three.HemisphereLight('#ffffff', '#30504a', 1.6));
    const lamp = new three.DirectionalLight('#ffffff', 2.4);
    lamp.position.set(-6, 10, 14);
    scene.add(lamp);
    const camera = new three.PerspectiveCamera(30, width / HEIGHT, 0.1, 500);
    const size = new three.Box3().setFromObject(solid).getSize(new three.Vector3());
    // Near enough that the piece fills the frame across or along, whichever is tighter.
    const half = Math.tan((camera.fov * Math.PI) / 360);
    const away = 1.15 * Math.max(size.y / (2 * half), size.x / (2 * half * camera.aspect)) + size.z / 2;
    camera.position.set(0, -away * 0.25, away);
    const controls = new OrbitControls(camera, renderer.domElement);
    const draw = () => renderer.render(scene, camera);
    controls.addEventListener('change', draw);
    const onKey = (event: KeyboardEvent) => {
      const [turn, tip] =
        { ArrowLeft: [-0.2, 0], ArrowRight: [0.2, 0], ArrowUp: [0, -0.2], ArrowDown: [0, 0.2] }[event.key] ??
        [];
      if (turn === undefined || tip === undefined) return;
      event.preventDefault();
      solid.rotateOnWorldAxis(new three.Vector3(1, 0, 0), tip);
      solid.rotateOnWorldAxis(new three.Vector3(0, 1, 0), turn);
      draw();
    };
    node.addEventListener('keydown', onKey);
    draw();
    return () => {
      node.removeEventListener('keydown', onKey);
      controls.dispose();
      renderer.dispose();
      renderer.domElement.remove();
    };
  }, [solved]);
  if (failed)
    return (
      <p className="text-white">
        This browser cannot draw in the round here; the flat faces show the same strands.
      </p>
    );
  return (
    <div
      ref={host}
      role="application"
      aria-label="The weave in the round: arrow keys turn it"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: the picture is turned with the arrow keys
      tabIndex={0}
      className="w-full cursor-grab"
      data-testid="turntable"
    />
  );
}

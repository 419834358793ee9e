/**
 * The drawn frame: a small world in metres, seen through the shot's own lens.
 *
 * <p>The subject stands at the origin and faces +y; x runs to its right, z up. Shapes come out in frame units, the
 * frame's height being 1 and its width the aspect, with u to the right and v down. Nothing here knows of SVG.
 */
package upshot.core.frame;

/**
 * Where the camera stands and how that looks: bearings, sides of the line, the angle between two views, the floor. Bearings
 * run clockwise from above, 0° in front.
 */
package upshot.core.ground;

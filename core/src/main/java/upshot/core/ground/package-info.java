/** Bearings, sides of the line and the angle between two views. Bearings run clockwise from above, 0° in front. */
package upshot.core.ground;

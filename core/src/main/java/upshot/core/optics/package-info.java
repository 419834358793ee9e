/** Lens arithmetic of a thin lens: millimetres inside the formulas, metres and degrees outside. */
package upshot.core.optics;

/** The sun over a day at a place: how high it stands, and when the light is golden, blue or gone. */
package upshot.core.light;

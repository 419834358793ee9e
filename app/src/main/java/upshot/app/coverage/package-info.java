/** Stage 2: actions down the side, wide, mid and detail across, holes, and the panel of one shot. */
package upshot.app.coverage;

/** Jobs and the one door through which they are edited; what a stage has to offer to be part of the lane. */
package upshot.app.job;

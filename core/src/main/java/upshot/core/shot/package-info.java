/** Everything that follows from one planned shot: where the camera stands, what is sharp, how long to roll. */
package upshot.core.shot;

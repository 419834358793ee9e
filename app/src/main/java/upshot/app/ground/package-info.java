/** Stage 4: where things happen, where cameras stand, what is in their way and where the light comes from, from above. */
package upshot.app.ground;

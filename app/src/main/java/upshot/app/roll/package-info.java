/** Roll: the day itself on a phone, and the same day at the desk. */
package upshot.app.roll;

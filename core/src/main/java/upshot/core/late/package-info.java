/** When the day is too short: what gives, what that costs the cut, and what if. */
package upshot.core.late;

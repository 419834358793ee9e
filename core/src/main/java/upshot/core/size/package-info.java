/** The ladder of sizes: how tall the frame is at the subject and where its middle sits. Knows nothing of plans. */
package upshot.core.size;

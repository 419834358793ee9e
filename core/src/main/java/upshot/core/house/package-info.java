/** House rules: the schools that practitioners choose between, and the thresholds that a job may move. */
package upshot.core.house;

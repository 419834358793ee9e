/** What a browser calls of the day: numbers in, numbers out. */
package upshot.day.browser;

/** What the cut is made of, in screen seconds: small charts against what the schools in force want. */
package upshot.core.balance;

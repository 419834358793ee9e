/** What a rule says: how serious, about what, by how much, why, and how to mend it. */
package upshot.core.finding;

/** Which shots each action still needs, and proposals that fill the holes. */
package upshot.core.coverage;

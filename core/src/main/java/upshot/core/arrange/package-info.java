/** Arrange for me: a cut out of the coverage, found by search under the rules on joints and on the whole. */
package upshot.core.arrange;

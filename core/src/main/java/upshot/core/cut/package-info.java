/** The paper cut: uses in edit order against the promo's length, and the cut that follows from the story alone. */
package upshot.core.cut;

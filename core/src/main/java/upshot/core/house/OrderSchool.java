package upshot.core.house;

/** What is shot first when the hours are short. */
public enum OrderSchool implements School {
    MUSTS_FIRST(
            "must-haves first",
            "The promo exists whatever happens later.",
            "Walks and changes of rig are not kept together."),
    MASTER_FIRST("the master first", "Everything later can be matched to it.", "The performer has not warmed up yet."),
    SOON_GONE_FIRST(
            "what is soon gone first",
            "Nothing that cannot come back is missed.",
            "Must-haves that stay wait for the end of the day.");

    private final Words words;

    OrderSchool(String label, String forIt, String againstIt) {
        this.words = new Words(label, forIt, againstIt);
    }

    @Override
    public Words words() {
        return words;
    }
}

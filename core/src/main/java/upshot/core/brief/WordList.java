package upshot.core.brief;

/**
 * What the line reader knows of English, by what an action of it is about. A verb stands here in its plain form; nouns
 * stand as one of them. What is not here is not guessed at.
 */
final class WordList {

    static final String TEXT = """
            hands: fold sew brush stamp throw knead plate tie cut carve knit chop peel slice stir whisk mix pour drip
            hands: plane saw sand glue paint draw sketch write sign type stitch weave spin hammer forge weld solder
            hands: screw tighten loosen drill nail fix mount polish wipe clean wash rinse scrub dry iron press pack
            hands: wrap unwrap box label seal open close lock unlock light plug switch tap scan weigh measure mark fill
            hands: empty pipe dust decorate garnish serve butter spread roll shape mould trim shave comb braid wind
            hands: unwind wave clap hit strike pluck strum tune pick plant prune water dig sow harvest feed milk shear
            hands: groom examine inject bandage stick peg hang pin hold hand pass give take raise lay place put set
            hands: insert assemble build blow dye print bind emboss gild grind crush sift break crack grate season
            hands: taste-test sort count deal flip turn twist bend stretch-out load-up bake cook fry grill roast steam
            hands: arrange strip unfold unpack repair sharpen file chisel engrave etch lace button zip adjust swipe
            hands: post connect tape
            feet: pass
            face: count drink eat bite chew sip swallow
            face: speak talk laugh smile cry sing look listen watch read cheer shout kiss explain tell greet wink
            face: frown think nod taste smell interview pray present teach chat argue joke whisper perform play
            face: announce lecture discuss applaud warm
            feet: walk run come go arrive leave enter exit dance step stroll march jog hike cross climb start finish
            feet: return stride tiptoe wander rush hurry
            wheels: ride cycle skate skateboard drive bike
            body: roll turn twist bend spin jump dive swim lift carry push pull drag stretch spar box wrestle fight
            body: exercise train bow kneel sit stand queue wait lie crawl tumble row surf ski sled duck hug load
            body: unload shovel throw-down sweep mop wave clap
            things: rise boil fall curl burn glow shine sparkle drip flow foam fizz sizzle steam smoke bubble melt
            things: freeze float sink fly flap flicker swing sway rotate hum ring buzz beep explode burst shatter bloom
            things: grow wilt ripen hatch dry crumble leak splash spill sprout
            people: person people child children kid kids baby babies toddler toddlers boy boys girl girls man men woman
            people: women lady ladies gentleman gentlemen visitor visitors guest guests customer customers client
            people: clients crowd team band choir orchestra class crew couple family families audience public fans
            people: friend friends colleague colleagues student students apprentice apprentices bride groom mayor chef
            people: chefs cook cooks nurse nurses doctor doctors vet vets patient patients judge judges model models
            people: smith smiths barista baristas athlete athletes champion champions host hosts mother father
            people: grandmother grandfather sister brother daughter son staff volunteers everybody everyone somebody
            people: someone nobody he she they we i monk monks nun priest king queen pilot pilots captain coach coaches
            people: company troupe cast ensemble winner winners referee tailor architect professor architects clerk guard guards scout scouts
            not-people: water paper printer mixer river door flower butter leather silver letter poster tractor motor mirror
            not-people: floor timber copper boiler burner blender computer scooter trailer drawer counter corner cover
            not-people: dinner summer winter roller hammer ladder feather number power tower shower shutter filter heater
            not-people: toaster freezer speaker projector monitor elevator escalator generator conveyor boulder folder
            not-people: binder paper sweater jumper blazer pepper sugar ginger
            machines: press machine printer crane robot kettle oven mixer blender computer phone clock bell lamp light fan
            machines: pump saw loom lathe drill projector screen drone camera conveyor escalator toaster fridge boiler
            machines: curtain curtains door doors gate gates lid lids shutter shutters bread cake cakes coffee milk tea
            machines: wine beer water steam smoke glue paint ink flag flags gun guns
            vehicles: van vans car cars bus buses tram trams lorry lorries truck trucks tractor tractors train trains taxi
            vehicles: taxis ambulance motorbike motorbikes motorcycle scooter scooters bike bikes bicycle bicycles trailer
            vehicles: forklift
            cycles: bike bikes bicycle bicycles motorbike motorbikes motorcycle scooter scooters
            animals: dog dogs cat cats horse horses cow cows sheep goat goats pig pigs bird birds duck ducks chicken
            animals: chickens hen hens fish bee bees fox rabbit rabbits donkey pony ponies
            gaits: trot gallop canter hop waddle
            done: cut stuck drawn torn thrown put made built hung lit set spun sewn woven bound brought taken given
            done: written shown sold ground cast blown laid bent wound dug fed won lost broken burnt dried left sent
            done: struck split shut frozen chosen driven
            spoken: speech talk toast lecture interview thanks blessing address whistle horn trumpet trombone flute
            spoken: harmonica
            pieces: window windows bottle bottles flask flasks cup cups bowl bowls jar jars box boxes basket baskets
            pieces: statue statues gun guns trophy medal medals candle candles book books shoe shoes dress dresses ring
            pieces: rings parcel parcels package packages bag bags tool tools engine engines ball balls piano violin guitar
            pieces: drum drums poster posters sign signs cake cakes
            places: house houses building buildings tower bridge tent tents stage street streets garden gardens mountain
            places: mountains river lake sea skyline facade entrance hall kitchen workshop office studio yard room square
            places: village castle harbour beach market shop restaurant hotel lobby
            occasions: evening show ceremony meeting event conference festival gala concert match game party day night
            courses: bend line corner finish bridge post buoy tape gate house
            players: pianist drummer guitarist violinist cellist organist harpist bassist fiddler
            children: child children kid kids toddler toddlers boy boys girl girls
            being: is are gets get was were being
            before-noun: the a an his her its their our my your this that these those some all first last next one two
            before-noun: three four new finished
            after-verb: up down in out off over away on
            ends-noun: in on at to into onto from with through over under along across by for of and or off up down
            ends-noun: out past behind before after around between while as until then again alone together slowly
            ends-noun: quickly carefully outside inside upstairs downstairs home here there towards against near
            ends-noun: beside tight shut clean smooth flat
            no-thing: it them him her us me himself herself itself themselves hands hand head heads eyes arms fingers
            no-thing: feet face hair lips beard each everything something time place care part break
            oneself: himself herself themselves
            """;

    private WordList() {}
}
